#include "climb/past.h"

#include <algorithm>
#include <iterator>

namespace upbeat {

namespace {

double daysBefore(const QDateTime& now, const QDateTime& then) {
    constexpr double kSecondsADay = 86400;
    return std::max(0.0, static_cast<double>(then.secsTo(now)) / kSecondsADay);
}

/// The older half of what spans two weeks and more.
PastFigures olderHalf(const PastFigures& figures) {
    constexpr double kSeasonDays = 14;
    double oldest = 0;
    double newest = 1e9;
    for (const auto& of : figures)
        for (const PastFigure& one : of) {
            oldest = std::max(oldest, one.daysAgo);
            newest = std::min(newest, one.daysAgo);
        }
    PastFigures older;
    if (oldest - newest < kSeasonDays) return older;
    const double half = 0.5 * (oldest + newest);
    for (std::size_t m = 0; m < figures.size(); ++m)
        std::copy_if(figures[m].begin(), figures[m].end(), std::back_inserter(older[m]),
                     [half](const PastFigure& one) { return one.daysAgo >= half; });
    return older;
}

}  // namespace

PastInput readPast(const Exercise& exercise, const std::vector<TakeSummary>& takes, const TakeLog& log, double goalBpm,
                   const QDateTime& now) {
    PastInput input{exercise, pastTakes(takes, now.date()), {}, goalBpm};
    for (int m = 0; m < kSeasonMeasures; ++m)
        for (const FigureOfTake& one : log.figures(exercise.id, figureOf(static_cast<SeasonMeasure>(m))))
            input.figures.at(static_cast<std::size_t>(m))
                .push_back({one.tempoBpm, daysBefore(now, one.startedAt), one.figure});
    return input;
}

Past pastOf(const PastInput& input) {
    Past past;
    if (!input.takes.empty()) {
        const CeilingFilter filter = filterOf(input.takes);
        past.ceiling = ceilingOf(input.takes, filter);
        past.forecast = forecastOf(input.takes, filter, input.goalBpm);
    }
    past.overTempo = allOverTempo(input.exercise, input.figures);
    past.before = allOverTempo(input.exercise, olderHalf(input.figures));
    return past;
}

}  // namespace upbeat
