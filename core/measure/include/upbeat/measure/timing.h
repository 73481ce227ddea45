#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// The constant leaning of one written stroke over the passes, against the take's placement.
struct CountHabit {
    int stroke = 0;    ///< Index into Exercise::strokes.
    Figure offsetMs;   ///< Minus is early.
    int sameSide = 0;  ///< Passes that lean the same way as the habit.
};

/// Where the offsets of a take come from (definitions in docs/measures.md, section 3).
struct Timing {
    /// Median offset of the main strokes, its interval with what is uncertain of the latency. None where nothing tells
    /// where the click stands.
    std::optional<Figure> placementMs;
    double centreMs = 0;             ///< The same whatever it says: what spread and habits are about.
    std::optional<Figure> spreadMs;  ///< Robust deviation about the placement.
    std::optional<Figure> driftMsPerMin;
    std::optional<Figure> driftMsPerBar;
    std::vector<CountHabit> habits;  ///< One per stroke of the exercise that was played at least twice.
    double habitShare = 0;           ///< Parts of the variance; they sum to 1.
    double wanderShare = 0;
    double remainderShare = 1;
};

/// Offsets of all matched strokes in ms, in the order of `take.strokes`, with the steady drift over the take taken off
/// (about its middle): what counts and hands are compared by, so that a moving pulse does not blur them.
[[nodiscard]] std::vector<double> withoutDrift(const MatchedTake& take);

[[nodiscard]] Timing measureTiming(const MatchedTake& take);

}  // namespace upbeat
