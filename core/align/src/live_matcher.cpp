#include "upbeat/align/live_matcher.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/page.h"

namespace upbeat {

LiveMatcher::LiveMatcher(const Exercise& exercise, Bpm tempo, int passes, double startS)
    : m_placesS(strokesInPassS(exercise, tempo, feelOf(exercise, tempo))),
      m_beatS(60.0 / tempo.value()),
      m_startS(startS),
      m_passS(passDurationS(exercise, tempo)),
      m_strengths(static_cast<std::size_t>(std::max(1, passes)), std::vector<double>(exercise.strokes.size(), 0.0)) {
    for (const Stroke& stroke : exercise.strokes) {
        m_voices.push_back(stroke.voice);
        m_askedMs.push_back(askedMs(exercise.placements, stroke.voice, tempo));
    }
}

std::optional<LiveStroke> LiveMatcher::place(const Hit& hit) {
    constexpr double kWeakReachS = 0.025;
    const double since = hit.timeS - m_startS;
    double nearest = hit.strength >= kFirmStrength ? 0.25 * m_beatS : kWeakReachS;
    std::optional<LiveStroke> found;
    for (std::size_t i = 0; i < m_placesS.size(); ++i) {
        if (hit.voice && instrumentOf(*hit.voice) != instrumentOf(m_voices[i])) continue;
        const int pass = static_cast<int>(std::lround((since - m_placesS[i]) / m_passS));
        const double away = since - m_placesS[i] - pass * m_passS;
        if (pass < 0 || pass >= static_cast<int>(m_strengths.size()) || std::abs(away) >= nearest) continue;
        nearest = std::abs(away);
        found = LiveStroke{static_cast<int>(i), pass, away * 1e3 - m_askedMs[i], m_askedMs[i]};
    }
    if (!found) return std::nullopt;
    double& best = m_strengths[static_cast<std::size_t>(found->pass)][static_cast<std::size_t>(found->stroke)];
    if (hit.strength <= best) return std::nullopt;
    best = hit.strength;
    return found;
}

}  // namespace upbeat
