#pragma once

#include <vector>

#include "upbeat/measure/statistics.h"
#include "upbeat/season/ceiling.h"

namespace upbeat {

/// What a day brought on one exercise.
struct DayOverTime {
    int daysAgo = 0;
    int takes = 0;
    std::optional<double> cleanBpm{};  ///< The fastest clean take of the day.
    std::optional<Figure> ceiling{};   ///< Where a clean take was an even chance by then, as ceilingOf says it.
};

/// The days on which an exercise was played, oldest first. `takes`: oldest first.
[[nodiscard]] std::vector<DayOverTime> overTime(const std::vector<PastTake>& takes);

/// A figure of one take.
struct FigureThen {
    int daysAgo = 0;
    double tempoBpm = 0;
    double value = 0;
};

/// How a measure changed from the seven days before to the last seven days of playing.
struct WeekChange {
    double before = 0;
    double after = 0;
    Figure difference;  ///< After less before with its 95 % interval; `n` days.

    /// Whether the interval keeps the difference from nothing.
    [[nodiscard]] bool isTold() const { return distance(difference).low > 0; }
};

/// Only days at tempos (2 % count as one) that both weeks have are compared, each against what is usual at its tempos:
/// what grows with the tempo must not look like a change of the player. A day counts as one, for its takes are like one
/// another, and the error comes from how days scatter within their week (days - 1 - tempos degrees of freedom). Nothing
/// where those are fewer than three.
[[nodiscard]] std::optional<WeekChange> changeOverWeeks(const std::vector<FigureThen>& figures);

}  // namespace upbeat
