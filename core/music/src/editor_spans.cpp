// The editor where it changes more than one stroke: the selection, copies, repeats.
#include <algorithm>

#include "editor_parts.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/editor.h"
#include "upbeat/music/following.h"

namespace upbeat {

std::vector<int> divisionsOf(const Exercise& e) {
    constexpr std::int64_t kUsual = 4;
    constexpr std::int64_t kMost = 48;
    std::vector<int> divisions;
    std::int64_t steps = kUsual;
    for (const CountedBeat& beat : beatsOf(e)) {
        if (const auto parts = divisionOfBeat(e, beat); parts > 1) steps = std::min(parts, kMost);
        divisions.push_back(static_cast<int>(steps));
    }
    return divisions;
}

bool fits(const Exercise& e, const CountedBeat& beat, int steps) {
    return steps % divisionOfBeat(e, beat) == 0;
}

bool isInside(const Stroke& s, const FreeSpan& span) {
    return !(s.at < span.from) && s.at < span.to;
}

/// A bar that follows another is divided like it.
void ExerciseEditor::divideAsFollowed() {
    const Exercise& e = m_now.exercise;
    if (!hasFollowers(e)) return;
    for (int bar = 1; bar <= e.bars; ++bar) {
        const auto there = followedBar(e, bar);
        if (!there) continue;
        const auto from = m_now.divisions.begin() + barOf(e, *there).firstBeat;
        const Bar here = barOf(e, bar);
        std::copy_n(from, here.meter.beatsPerBar(), m_now.divisions.begin() + here.firstBeat);
    }
}

void ExerciseEditor::mirror() {
    change([&](State& s) {
        for (Stroke& stroke : s.exercise.strokes)
            if (isInside(stroke, span()) && isHand(stroke.limb)) stroke.limb = otherSide(stroke.limb);
    });
}

namespace {

/// Makes room for a span among those of its kind.
template <class Span>
void eraseOver(std::vector<Span>& spans, const Span& wanted) {
    std::erase_if(spans, [&](const Span& other) { return other.from < wanted.to && wanted.from < other.to; });
}

}  // namespace

void ExerciseEditor::toggleSwell(bool rises) {
    constexpr double kSoftDb = -20;
    toggle({span().from, span().to, rises ? kSoftDb : 0.0, rises ? 0.0 : kSoftDb});
}

void ExerciseEditor::toggleDynamic(double db) {
    toggle({span().from, span().to, db, db});
}

void ExerciseEditor::toggle(const Swell& wanted) {
    change([&](State& s) {
        auto& swells = s.exercise.swells;
        const bool stands = std::find(swells.begin(), swells.end(), wanted) != swells.end();
        eraseOver(swells, wanted);
        if (!stands) swells.push_back(wanted);
    });
}

void ExerciseEditor::toggleFree() {
    change([&](State& s) {
        const FreeSpan over = span();
        auto& spans = s.exercise.freeSpans;
        const bool stands = std::any_of(spans.begin(), spans.end(), [&](const FreeSpan& other) {
            return other.from == over.from && other.to == over.to;
        });
        eraseOver(spans, over);
        if (!stands) spans.push_back(over);
    });
}

void ExerciseEditor::askFreeNotes(int notes) {
    change([&](State& s) {
        const FreeSpan over{span().from, span().to, notes};
        auto& spans = s.exercise.freeSpans;
        eraseOver(spans, over);
        spans.push_back(over);
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
    s.exercise = inOrder(std::move(s.exercise));
    // What was pasted brings its grid along.
    const auto beats = beatsOf(s.exercise);
    s.divisions.resize(beats.size(), s.divisions.back());
    for (const CountedBeat& beat : beats) {
        int& steps = s.divisions[beat.index];
        const bool isTouched = at < beat.end() && beat.start < target.to;
        if (isTouched && !fits(s.exercise, beat, steps)) steps = static_cast<int>(divisionOfBeat(s.exercise, beat));
    }
}

void ExerciseEditor::paste() {
    if (m_clipboardLength == Beats(0)) return;
    change([&](State& s) { pasteInto(s, m_at); });
    m_selection.reset();
}

namespace {

/// Everything from `from` on comes later.
void moveLater(Exercise& e, const Beats& from, const Beats& by) {
    const auto isLater = [&](const Beats& at) { return !(at < from); };
    for (Stroke& stroke : e.strokes)
        if (isLater(stroke.at)) stroke.at = stroke.at + by;
    for (Swell& swell : e.swells)
        if (isLater(swell.from)) swell.from = swell.from + by, swell.to = swell.to + by;
    for (FreeSpan& free : e.freeSpans)
        if (isLater(free.from)) free.from = free.from + by, free.to = free.to + by;
}

/// What is written over the bars behind `bar` comes later by as many bars.
void moveMarksLater(Exercise& e, int bar, int by) {
    for (Section& section : e.sections)
        if (section.bar > bar) section.bar += by;
    for (TempoChange& change : e.tempoChanges) {
        if (change.through > bar) change.through += by;
        if (change.bar > bar) change.bar += by;
    }
    for (HeldBar& held : e.heldBars)
        if (held.bar > bar) held.bar += by;
}

}  // namespace

void ExerciseEditor::repeat() {
    copy();
    if (m_clipboard.empty()) return;
    const FreeSpan from = span();
    const bool wholeBars = isBarLine(m_now.exercise, from.from) && isBarLine(m_now.exercise, from.to);
    change([&](State& s) {
        Exercise& e = s.exercise;
        const auto reach = from.to + m_clipboardLength;
        const bool isInTheWay =
            std::any_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s2) { return !(s2.at < from.to); });
        if (wholeBars && isInTheWay) moveLater(e, from.to, m_clipboardLength);
        auto meters = metersOf(e);
        const int behind = std::min(barAt(e, from.to).number - 1, e.bars);
        const int first = std::min(barAt(e, from.from).number - 1, behind);
        if (wholeBars && (isInTheWay || e.length() < reach)) {
            const std::vector<Meter> copied(meters.begin() + first, meters.begin() + behind);
            meters.resize(static_cast<std::size_t>(isInTheWay ? e.bars : behind));
            meters.insert(meters.begin() + behind, copied.begin(), copied.end());
        } else if (e.length() < reach) {
            const Bar last = barAt(e, reach);
            meters.resize(static_cast<std::size_t>(last.start < reach ? last.number : last.number - 1), meters.back());
        }
        if (wholeBars && isInTheWay) moveMarksLater(e, behind, behind - first);
        meters.resize(std::min(meters.size(), static_cast<std::size_t>(kMostBars)));
        setMeters(e, meters);
        pasteInto(s, from.to);
        if (wholeBars && isInTheWay) s.divisions = divisionsOf(e);
    });
    m_selection.reset();
    m_at = from.to;
    keepInside();
}

}  // namespace upbeat
