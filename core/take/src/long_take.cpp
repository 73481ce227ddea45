#include "upbeat/take/long_take.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/page.h"

namespace upbeat {

PassTally::PassTally(const Exercise& exercise, const TakeFrame& frame)
    : m_barsAPass(exercise.bars),
      m_startS(frame.firstBeatS + frame.latencyS),
      m_passS(barStartS(exercise, Bpm(frame.tempoBpm), exercise.bars)) {
    std::vector<double> times;
    for (const WrittenStroke& w : writeOut(exercise, Bpm(frame.tempoBpm), 1))
        if (w.role == Role::Main) times.push_back(w.gridS);
    std::sort(times.begin(), times.end());
    times.erase(std::unique(times.begin(), times.end()), times.end());
    m_strokesAPass = static_cast<int>(times.size());
    // Whoever plays the first stroke a little early has begun the pass.
    constexpr double kMargin = 0.25;
    m_marginS = kMargin * 60 / frame.tempoBpm;
}

void PassTally::add(const Hit& hit) {
    if (hit.strength < kFirmStrength) return;
    const double pass = std::floor((hit.timeS - m_startS + m_marginS) / m_passS);
    if (pass < 0) return;
    const auto index = static_cast<std::size_t>(pass);
    if (index >= m_heard.size()) m_heard.resize(index + 1);
    ++m_heard[index];
}

std::vector<PlayedStretch> PassTally::stretches(double recordedS, int mostBars) const {
    constexpr int kShare = 3;  // one in so many strokes, and it was played
    const int longest = std::max(1, mostBars / m_barsAPass);
    const int recorded = static_cast<int>((recordedS - m_startS + m_marginS) / m_passS);
    std::vector<PlayedStretch> all;
    for (int pass = 0; pass < std::min(recorded, static_cast<int>(m_heard.size())); ++pass) {
        if (kShare * m_heard[static_cast<std::size_t>(pass)] < m_strokesAPass) continue;
        const bool goesOn = !all.empty() && all.back().fromPass + all.back().passes == pass;
        if (goesOn && all.back().passes < longest)
            ++all.back().passes;
        else
            all.push_back({pass, 1});
    }
    return all;
}

StretchTake stretchOf(const TakeRecord& whole, const PlayedStretch& stretch) {
    constexpr double kBeforeS = 0.5;
    constexpr double kAfterS = 0.35;
    StretchTake part{whole, 0, 0};
    TakeRecord& take = part.take;
    const double passS = barStartS(whole.exercise, Bpm(whole.frame.tempoBpm), whole.exercise.bars);
    const double beatS = whole.frame.firstBeatS + stretch.fromPass * passS;
    part.fromS = std::max(0.0, beatS - kBeforeS);
    part.toS = std::min(whole.durationS, beatS + stretch.passes * passS + whole.frame.latencyS + kAfterS);
    take.openEnded = false;
    take.durationS = part.toS - part.fromS;
    take.frame.firstBeatS = beatS - part.fromS;
    take.frame.bars = stretch.passes * whole.exercise.bars;
    take.frame.damaged.clear();
    for (const DamagedSpan& span : whole.frame.damaged)
        if (span.toS > part.fromS && span.fromS < part.toS)
            take.frame.damaged.push_back(
                {std::max(0.0, span.fromS - part.fromS), std::min(take.durationS, span.toS - part.fromS)});
    take.hits.clear();
    for (Hit hit : whole.hits) {
        hit.timeS -= part.fromS;
        if (hit.timeS >= 0 && hit.timeS < take.durationS) take.hits.push_back(hit);
    }
    return part;
}

}  // namespace upbeat
