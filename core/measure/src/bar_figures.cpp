#include "upbeat/measure/bar_figures.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

std::vector<BarFigure> barFigures(const MatchedTake& take) {
    std::vector<BarFigure> bars(static_cast<std::size_t>(std::max(1, take.exercise.bars)));
    const auto barOfStroke = [&](int stroke) -> BarFigure& {
        const Beats& at = take.exercise.strokes[static_cast<std::size_t>(stroke)].at;
        return bars[static_cast<std::size_t>(std::clamp(barAt(take.exercise, at).number, 1, take.exercise.bars) - 1)];
    };
    std::vector<double> offsets;
    for (const MatchedStroke& s : take.strokes)
        if (s.written.role == Role::Main) offsets.push_back(s.offsetMs);
    const double placement = offsets.empty() ? 0 : median(offsets);
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        BarFigure& bar = barOfStroke(s.written.stroke);
        ++bar.strokes;
        bar.spreadMs += (s.offsetMs - placement) * (s.offsetMs - placement);
    }
    for (const WrittenStroke& w : take.missed) ++barOfStroke(w.stroke).missed;
    for (const int j : take.extra) {
        const double timeS = take.hits[static_cast<std::size_t>(j)].timeS - take.firstBeatS - take.latencyS;
        const double before = std::max(0.0, barsBefore(take.exercise, Bpm(take.tempoBpm), timeS));
        ++bars[static_cast<std::size_t>(before) % bars.size()].extra;
    }
    for (BarFigure& bar : bars) bar.spreadMs = std::sqrt(bar.spreadMs / std::max(1, bar.strokes));
    return bars;
}

std::vector<int> barsInTrouble(const std::vector<BarFigure>& bars) {
    std::vector<double> spreads;
    for (const BarFigure& bar : bars)
        if (bar.strokes > 0) spreads.push_back(bar.spreadMs);
    const double usual = spreads.empty() ? 0 : median(spreads);
    std::vector<int> trouble;
    constexpr double kStandsOut = 2;
    constexpr double kNoticedMs = 6;  // nobody hears less
    for (std::size_t i = 0; i < bars.size(); ++i) {
        const BarFigure& bar = bars[i];
        const bool isUneven = bar.spreadMs > std::max(kNoticedMs, kStandsOut * usual);
        if (bar.missed + bar.extra > 0 || isUneven) trouble.push_back(static_cast<int>(i) + 1);
    }
    return trouble;
}

}  // namespace upbeat
