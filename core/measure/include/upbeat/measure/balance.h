#pragma once

#include <array>
#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// How one written stroke sits among the levels, over the passes.
struct LevelHabit {
    int stroke = 0;
    Figure againstClassDb;  ///< Median level against the median of the class it is written in.
    int outOfClass = 0;     ///< Passes on which it crossed the midpoint to a neighbouring class.
    int passes = 0;
};

/// Loudness of a take (docs/measures.md, section 5). Classes are those of the page: ghost, tap, accent.
struct Balance {
    std::array<std::optional<Figure>, 3> medianDb;    ///< dBFS per class.
    std::array<std::optional<Figure>, 3> evennessDb;  ///< Robust deviation inside the class.
    std::optional<Figure> accentTapGapDb;
    std::optional<Figure> tapGhostGapDb;
    std::optional<Figure> accentGhostGapDb;
    std::optional<Figure> overlapPercent;  ///< Chance that a softer class's stroke beats a louder one's; worst pair.
    std::array<std::optional<Figure>, 3> handsDb;  ///< Right minus left hand inside each class, the same voice.
    std::vector<LevelHabit> habits;
};

/// A main stroke whose level is its own and belongs to a class: inside a swell strokes have none.
[[nodiscard]] bool tellsItsLevel(const MatchedTake& take, const MatchedStroke& stroke);

/// Levels of different voices are not comparable: every voice is first set against its own class medians, and the
/// take's gaps are those of the voice that has most strokes in both classes.
[[nodiscard]] Balance measureBalance(const MatchedTake& take);

/// Which class a hit sounds like, by the midpoints between the class medians; the written one where no median is known.
[[nodiscard]] Level soundedLevel(const Balance& balance, double levelDb, Level written);

}  // namespace upbeat
