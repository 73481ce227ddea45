#include "studio/live_take.h"

#include "theme/words.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>

#include "upbeat/coach/place_words.h"

namespace upbeat {

LiveTake::LiveTake(Exercise exercise, double tempoBpm, int bars, double firstBeatS, double latencyS)
    : m_exercise(std::move(exercise)),
      m_tempoBpm(tempoBpm),
      m_startS(firstBeatS + latencyS),
      m_passS(passDurationS(m_exercise, Bpm(tempoBpm))),
      m_passes((bars + m_exercise.bars - 1) / m_exercise.bars),
      m_slots(slotsOf(m_exercise)),
      m_marks(static_cast<std::size_t>(std::max(1, m_passes))),
      m_strengths(m_marks.size(), std::vector<double>(m_exercise.strokes.size(), 0.0)) {
    const double quarter = quarterS(m_exercise.meter, Bpm(tempoBpm));
    const Feel feel = feelAt(m_exercise.feel, 60.0 / quarter);
    for (const Stroke& stroke : m_exercise.strokes)
        m_places.push_back(soundingQuarter(m_exercise, stroke.at, feel) * quarter);
}

void LiveTake::add(const std::vector<Hit>& hits) {
    for (const Hit& hit : hits) place(hit);
}

void LiveTake::place(const Hit& hit) {
    const double since = hit.timeS - m_startS;
    int stroke = -1;
    int pass = 0;
    // A weak hit is believed only close to where a stroke is written.
    const bool firm = hit.strength >= kFirmStrength;
    double nearest = firm ? 0.25 * 60.0 / m_tempoBpm : 0.025;
    for (std::size_t i = 0; i < m_places.size(); ++i) {
        if (hit.voice && instrumentOf(*hit.voice) != instrumentOf(m_exercise.strokes[i].voice)) continue;
        const int candidate = static_cast<int>(std::lround((since - m_places[i]) / m_passS));
        const double away = std::abs(since - m_places[i] - candidate * m_passS);
        if (candidate >= 0 && candidate < m_passes && away < nearest) {
            nearest = away;
            stroke = static_cast<int>(i);
            pass = candidate;
        }
    }
    if (stroke < 0) return;
    const auto index = static_cast<std::size_t>(stroke);
    const Stroke& written = m_exercise.strokes[index];
    if (firm) m_reference.add(m_exercise, written, hit.levelDb);
    auto& marks = m_marks[static_cast<std::size_t>(pass)];
    const double offsetMs = (since - m_places[index] - pass * m_passS) * 1e3;
    auto& best = m_strengths[static_cast<std::size_t>(pass)][index];
    if (hit.strength <= best) return;
    best = hit.strength;
    FieldMark mark;
    mark.stroke = stroke;
    mark.place = written.at.toDouble() / m_exercise.length().toDouble();
    mark.slot = m_slots[index];
    mark.offsetMs = mark.leanMs = offsetMs;
    mark.relativeDb = hit.levelDb - m_reference.of(written.voice);
    mark.targetDb = targetDb(m_exercise, written);
    mark.limb = written.limb;
    mark.timeS = hit.timeS;
    const auto taken =
        std::find_if(marks.begin(), marks.end(), [stroke](const FieldMark& m) { return m.stroke == stroke; });
    if (taken == marks.end())
        marks.push_back(mark);
    else
        *taken = mark;
}

double LiveTake::beatsNow() const {
    return (m_nowS - m_startS) * m_tempoBpm / 60.0;
}

int LiveTake::passNow() const {
    const double since = m_nowS - m_startS;
    return since < 0 ? 0 : std::min(m_passes, static_cast<int>(since / m_passS) + 1);
}

double LiveTake::placeInPass() const {
    const double since = m_nowS - m_startS;
    if (since < 0) return 0;
    const double pass = std::min(static_cast<double>(m_passes) - 1e-9, since / m_passS);
    return pass - std::floor(pass);
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
        return QCoreApplication::translate("LiveTake", "last pass: %1, %2 ms %3")
            .arg(QString::fromStdString(placeInWords(m_exercise, furthest->stroke)))
            .arg(std::abs(furthest->offsetMs), 0, 'f', 0)
            .arg(furthest->offsetMs < 0 ? QCoreApplication::translate("LiveTake", "early")
                                        : QCoreApplication::translate("LiveTake", "late"));
    if (missing > 0)
        return counted(missing, QCoreApplication::translate("LiveTake", "last pass: a stroke not heard"),
                       QCoreApplication::translate("LiveTake", "last pass: %1 strokes not heard"));
    return QCoreApplication::translate("LiveTake", "last pass: every stroke within 10 ms");
}

}  // namespace upbeat
