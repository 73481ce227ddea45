#include "climb/past.h"

#include <algorithm>

namespace upbeat {

namespace {

double daysBefore(const QDateTime& now, const QDateTime& then) {
    constexpr double kSecondsADay = 86400;
    return std::max(0.0, static_cast<double>(then.secsTo(now)) / kSecondsADay);
}

}  // namespace

Past pastOf(const Exercise& exercise, const std::vector<TakeSummary>& takes, const TakeLog& log, const QDateTime& now) {
    Past past;
    std::vector<PastTake> all;
    for (const TakeSummary& take : takes) {
        const double clean = take.clean ? 1 : (take.missedGate.empty() ? 0.5 : 0);
        if (!take.simulated) all.push_back({take.tempoBpm, daysBefore(now, take.startedAt), clean});
    }
    past.ceiling = ceilingOf(all);
    PastFigures figures;
    for (int m = 0; m < kSeasonMeasures; ++m)
        for (const FigureOfTake& one : log.figures(exercise.id, figureOf(static_cast<SeasonMeasure>(m))))
            figures.at(static_cast<std::size_t>(m))
                .push_back({one.tempoBpm, daysBefore(now, one.startedAt), one.figure});
    past.overTempo = allOverTempo(exercise, figures);
    return past;
}

}  // namespace upbeat
