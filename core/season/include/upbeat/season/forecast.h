#pragma once

#include <optional>
#include <vector>

#include "upbeat/season/ceiling.h"

namespace upbeat {

/// When the ceiling will have come up to a goal: days from today. Eight in ten players who stand and learn as this one
/// may reach it from `early` to `late`; where more than one in ten do not within a year the interval has no end, and
/// eight in ten reach it from `early` on or never.
struct Forecast {
    std::optional<int> early;   ///< None: hardly anybody within a year.
    std::optional<int> likely;  ///< None: an even chance not within a year.
    std::optional<int> late;
    double inAMonthBpm = 0;  ///< What eight in ten will have reached by then.
};

inline constexpr int kForecastDays = 365;
inline constexpr int kFewestDays = 5;  ///< On which it was practised: of fewer nothing is foretold.

/// From all takes of a page, oldest first; they go on as often and as long as of late. Nothing of fewer than five days,
/// or while the ceiling itself cannot be told.
[[nodiscard]] std::optional<Forecast> forecastOf(const std::vector<PastTake>& takes, double goalBpm);
/// The same, where the filter has heard them already.
[[nodiscard]] std::optional<Forecast> forecastOf(const std::vector<PastTake>& takes, const CeilingFilter& filter,
                                                 double goalBpm);

/// A goal to be had first, where that of the ladder is hardly reached in three months: the fastest rung that eight in
/// ten players like this one will have reached in one. None where the goal is near enough, or no rung lies between.
[[nodiscard]] std::optional<double> nearerGoal(const Ladder& ladder, double tempoBpm, const Forecast& forecast);

}  // namespace upbeat
