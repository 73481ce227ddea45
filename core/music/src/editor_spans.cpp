// The editor where it changes more than one stroke: the selection, copies, repeats.
#include <algorithm>

#include "editor_parts.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/editor.h"

namespace upbeat {

std::vector<int> divisionsOf(const Exercise& e) {
    constexpr std::int64_t kUsual = 4;
    constexpr std::int64_t kMost = 48;
    std::vector<int> divisions;
    std::int64_t steps = kUsual;
    const Beats beat = e.meter.beatLength();
    for (Beats start(0); start < e.length(); start = start + beat) {
        if (const auto parts = divisionOfBeat(e, start); parts > 1) steps = std::min(parts, kMost);
        divisions.push_back(static_cast<int>(steps));
    }
    return divisions;
}

bool fits(const Exercise& e, const Beats& start, int steps) {
    return steps % divisionOfBeat(e, start) == 0;
}

bool isInside(const Stroke& s, const FreeSpan& span) {
    return !(s.at < span.from) && s.at < span.to;
}

void ExerciseEditor::mirror() {
    change([&](State& s) {
        for (Stroke& stroke : s.exercise.strokes)
            if (isInside(stroke, span()) && isHand(stroke.limb)) stroke.limb = otherSide(stroke.limb);
    });
}

void ExerciseEditor::toggleSwell(bool rises) {
    constexpr double kSoftDb = -20;
    change([&](State& s) {
        const FreeSpan over = span();
        const Swell wanted{over.from, over.to, rises ? kSoftDb : 0.0, rises ? 0.0 : kSoftDb};
        auto& swells = s.exercise.swells;
        const bool stands = std::find(swells.begin(), swells.end(), wanted) != swells.end();
        std::erase_if(swells, [&](const Swell& other) { return other.from < over.to && over.from < other.to; });
        if (!stands) swells.push_back(wanted);
    });
}

void ExerciseEditor::toggleFree() {
    change([&](State& s) {
        const FreeSpan over = span();
        auto& spans = s.exercise.freeSpans;
        const bool stands = std::find(spans.begin(), spans.end(), over) != spans.end();
        std::erase_if(spans, [&](const FreeSpan& other) { return other.from < over.to && over.from < other.to; });
        if (!stands) spans.push_back(over);
    });
}

void ExerciseEditor::copy() {
    const FreeSpan from = span();
    m_clipboard.clear();
    for (const Stroke& stroke : m_now.exercise.strokes)
        if (isInside(stroke, from)) m_clipboard.push_back(stroke), m_clipboard.back().at = stroke.at - from.from;
    m_clipboardLength = from.to - from.from;
}

void ExerciseEditor::cut() {
    copy();
    m_selection = span();
    erase();
}

void ExerciseEditor::pasteInto(State& s, const Beats& at) const {
    const FreeSpan target{at, at + m_clipboardLength};
    std::erase_if(s.exercise.strokes, [&](const Stroke& stroke) { return isInside(stroke, target); });
    for (Stroke stroke : m_clipboard) {
        stroke.at = stroke.at + at;
        if (s.exercise.strokes.size() < kMostStrokes) s.exercise.strokes.push_back(stroke);
        if (std::find(s.rows.begin(), s.rows.end(), stroke.voice) == s.rows.end()) s.rows.push_back(stroke.voice);
    }
    // What was pasted brings its grid along.
    const Beats beat = s.exercise.meter.beatLength();
    s.divisions.resize(static_cast<std::size_t>(wholeTimes(s.exercise.length(), beat)), s.divisions.back());
    for (Beats start = beatStart(at); start < target.to && start < s.exercise.length(); start = start + beat) {
        int& steps = s.divisions[beatIndex(start)];
        if (!fits(s.exercise, start, steps)) steps = static_cast<int>(divisionOfBeat(s.exercise, start));
    }
}

void ExerciseEditor::paste() {
    if (m_clipboardLength == Beats(0)) return;
    change([&](State& s) { pasteInto(s, m_at); });
    m_selection.reset();
}

void ExerciseEditor::repeat() {
    copy();
    if (m_clipboard.empty()) return;
    const FreeSpan from = span();
    const Beats bar = m_now.exercise.meter.barLength();
    const bool wholeBars = wrapped(from.from, bar) == Beats(0) && wrapped(from.to, bar) == Beats(0);
    change([&](State& s) {
        Exercise& e = s.exercise;
        const auto isLater = [&](const Beats& at) { return !(at < from.to); };
        const auto reach = from.to + m_clipboardLength;
        const bool isInTheWay =
            std::any_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& stroke) { return isLater(stroke.at); });
        if (wholeBars && isInTheWay) {
            for (Stroke& stroke : e.strokes)
                if (isLater(stroke.at)) stroke.at = stroke.at + m_clipboardLength;
            for (Swell& swell : e.swells)
                if (isLater(swell.from))
                    swell.from = swell.from + m_clipboardLength, swell.to = swell.to + m_clipboardLength;
            for (FreeSpan& free : e.freeSpans)
                if (isLater(free.from))
                    free.from = free.from + m_clipboardLength, free.to = free.to + m_clipboardLength;
            e.bars += static_cast<int>(wholeTimes(m_clipboardLength, bar));
        }
        const auto barsNeeded = wholeTimes(reach - Beats(1, 1000), bar) + 1;
        e.bars = static_cast<int>(std::min<std::int64_t>(std::max<std::int64_t>(e.bars, barsNeeded), kMostBars));
        pasteInto(s, from.to);
        if (wholeBars && isInTheWay) s.divisions = divisionsOf(e);
    });
    m_selection.reset();
    m_at = from.to;
    keepInside();
}

}  // namespace upbeat
