#include "climb/past.h"

#include <algorithm>

namespace upbeat {

namespace {

double daysBefore(const QDateTime& now, const QDateTime& then) {
    constexpr double kSecondsADay = 86400;
    return std::max(0.0, static_cast<double>(then.secsTo(now)) / kSecondsADay);
}

/// Oldest first.
std::vector<PastTake> pastTakes(const std::vector<TakeSummary>& takes, const QDate& today) {
    std::vector<PastTake> all;
    for (auto take = takes.rbegin(); take != takes.rend(); ++take) {
        const double clean = take->clean ? 1 : (take->missedGate.empty() ? 0.5 : 0);
        const auto daysAgo = std::max<qint64>(0, take->startedAt.date().daysTo(today));
        if (!take->simulated) all.push_back({take->tempoBpm, static_cast<int>(daysAgo), clean});
    }
    return all;
}

}  // namespace

Past pastOf(const Exercise& exercise, const std::vector<TakeSummary>& takes, const TakeLog& log, double goalBpm,
            const QDateTime& now) {
    Past past;
    const std::vector<PastTake> all = pastTakes(takes, now.date());
    past.ceiling = ceilingOf(all);
    past.forecast = forecastOf(all, goalBpm);
    PastFigures figures;
    for (int m = 0; m < kSeasonMeasures; ++m)
        for (const FigureOfTake& one : log.figures(exercise.id, figureOf(static_cast<SeasonMeasure>(m))))
            figures.at(static_cast<std::size_t>(m))
                .push_back({one.tempoBpm, daysBefore(now, one.startedAt), one.figure});
    past.overTempo = allOverTempo(exercise, figures);
    return past;
}

}  // namespace upbeat
