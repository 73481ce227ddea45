#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// A closed roll of the page as it sounded, over all passes. It lasts from its first stroke to the next written stroke
/// that is not part of it. Measured on the energy above 300 Hz in steps of 12 ms, against the running level (the upper
/// third of a quarter of a second).
struct RollPlayed {
    int stroke = 0;                      ///< The first stroke of the roll.
    int strokes = 0;                     ///< Wrist strokes in it.
    std::optional<Figure> longestGapMs;  ///< Longest time more than 8 dB below the running level, mean of the passes.
    std::optional<Figure> rippleDb;      ///< From the 10 % to the 90 % point of the level, mean of the passes.
    std::optional<Figure> pulseDb;       ///< How far its loudest moment pokes out of the running level.
    std::optional<Figure> wristMs;       ///< Spread of its wrist strokes about their common place.
    std::optional<Figure> releaseMs;     ///< Where it falls silent against the stroke it leads to; minus is too soon.
};

[[nodiscard]] bool hasRolls(const Exercise& exercise);

/// Nothing where the take has no trace (MIDI).
[[nodiscard]] std::vector<RollPlayed> measureRolls(const MatchedTake& take);

}  // namespace upbeat
