#include "studio/live_take.h"

#include "theme/words.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

LiveTake::LiveTake(Exercise exercise, double tempoBpm, int bars, double firstBeatS, double latencyS)
    : m_exercise(std::move(exercise)),
      m_tempoBpm(tempoBpm),
      m_startS(firstBeatS + latencyS),
      m_passes((bars + m_exercise.bars - 1) / m_exercise.bars),
      m_matcher(m_exercise, Bpm(tempoBpm), m_passes, m_startS),
      m_slots(slotsOf(m_exercise)),
      m_marks(static_cast<std::size_t>(std::max(1, m_passes))) {}

void LiveTake::add(const std::vector<Hit>& hits) {
    for (const Hit& hit : hits)
        if (const auto found = m_matcher.place(hit)) show(hit, *found);
}

void LiveTake::show(const Hit& hit, const LiveStroke& found) {
    const auto index = static_cast<std::size_t>(found.stroke);
    const Stroke& written = m_exercise.strokes[index];
    if (hit.strength >= kFirmStrength) m_reference.add(m_exercise, written, hit.levelDb);
    FieldMark mark;
    mark.stroke = found.stroke;
    mark.place = written.at.toDouble() / m_exercise.length().toDouble();
    mark.slot = m_slots[index];
    mark.offsetMs = found.offsetMs;
    mark.askedMs = found.askedMs;
    mark.leanMs = found.offsetMs + found.askedMs;
    mark.relativeDb = hit.levelDb - m_reference.of(written.voice);
    mark.targetDb = targetDb(m_exercise, written);
    mark.limb = written.limb;
    mark.timeS = hit.timeS;
    auto& marks = m_marks[static_cast<std::size_t>(found.pass)];
    put(marks, mark);
    if (hit.voice) return;
    // One microphone heard them all in this sound.
    for (std::size_t k = 0; k < m_exercise.strokes.size(); ++k) {
        if (k == index || m_exercise.strokes[k].at != written.at) continue;
        FieldMark shared = mark;
        shared.stroke = static_cast<int>(k);
        shared.slot = m_slots[k];
        shared.limb = m_exercise.strokes[k].limb;
        shared.joins = found.stroke;
        put(marks, shared);
    }
}

/// A stroke has one mark in a pass: the latest.
void LiveTake::put(std::vector<FieldMark>& marks, const FieldMark& mark) {
    const auto taken =
        std::find_if(marks.begin(), marks.end(), [&](const FieldMark& m) { return m.stroke == mark.stroke; });
    if (taken == marks.end())
        marks.push_back(mark);
    else
        *taken = mark;
}

double LiveTake::beatsNow() const {
    return (m_nowS - m_startS) * m_tempoBpm / 60.0;
}

bool LiveTake::isOver() const {
    return m_nowS - m_startS >= m_passes * m_matcher.passS();
}

int LiveTake::passNow() const {
    const double since = m_nowS - m_startS;
    return since < 0 ? 0 : std::min(m_passes, static_cast<int>(since / m_matcher.passS()) + 1);
}

double LiveTake::placeInPass() const {
    const double since = m_nowS - m_startS;
    if (since < 0) return 0;
    const double pass = std::min(static_cast<double>(m_passes) - 1e-9, since / m_matcher.passS());
    return placeAt(m_exercise, Bpm(m_tempoBpm), (pass - std::floor(pass)) * m_matcher.passS());
}

const std::vector<FieldMark>& LiveTake::marksOfPass(int pass) const {
    const auto index = static_cast<std::size_t>(std::clamp(pass, 1, m_passes) - 1);
    return m_marks[index];
}

QString LiveTake::lastPassInWords() const {
    const int last = passNow() - 1;
    if (last < 1) return {};
    const auto& marks = marksOfPass(last);
    const auto missing = static_cast<int>(m_exercise.strokes.size()) - static_cast<int>(marks.size());
    const auto furthest = std::max_element(marks.begin(), marks.end(), [](const FieldMark& a, const FieldMark& b) {
        return std::abs(a.offsetMs) < std::abs(b.offsetMs);
    });
    constexpr double kWorthSayingMs = 10;
    if (furthest != marks.end() && std::abs(furthest->offsetMs) >= kWorthSayingMs)
        return inWords(UPBEAT_TEXT("last pass: %1, %2 ms %3"))
            .arg(inWords(words::placeOf(m_exercise, furthest->stroke)))
            .arg(std::abs(furthest->offsetMs), 0, 'f', 0)
            .arg(furthest->offsetMs < 0 ? inWords(UPBEAT_TEXT("early")) : inWords(UPBEAT_TEXT("late")));
    if (missing > 0)
        return counted(missing, UPBEAT_TEXT("last pass: a stroke not heard"),
                       UPBEAT_TEXT_N("last pass: %n strokes not heard"));
    return inWords(UPBEAT_TEXT("last pass: every stroke within 10 ms"));
}

}  // namespace upbeat
