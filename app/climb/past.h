#pragma once

#include "studio/take_log.h"
#include "upbeat/season/forecast.h"
#include "upbeat/season/over_tempo.h"

namespace upbeat {

/// What the log says of an exercise over all its tempos.
struct Past {
    std::vector<OverTempo> overTempo;  ///< What bends first, the worst of it before all.
    std::vector<OverTempo> before;     ///< The same of the first half of a season; empty where it was none.
    std::optional<Ceiling> ceiling;
    std::optional<Forecast> forecast;  ///< Of the goal.
};

/// What it is made of: read on the interface thread, weighed beside it.
struct PastInput {
    Exercise exercise;
    std::vector<PastTake> takes;  ///< Oldest first.
    PastFigures figures;
    double goalBpm = 0;
};

/// `takes`: of the exercise, newest first.
[[nodiscard]] PastInput readPast(const Exercise& exercise, const std::vector<TakeSummary>& takes, const TakeLog& log,
                                 double goalBpm, const QDateTime& now);
[[nodiscard]] Past pastOf(const PastInput& input);

}  // namespace upbeat
