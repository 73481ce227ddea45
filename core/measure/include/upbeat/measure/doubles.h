#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// Double strokes: two strokes of one hand in a row, written alike and a shortest step apart.
struct Doubles {
    std::optional<Figure> secondDb;  ///< Second minus first, median over the pairs.
    std::optional<Figure> insideMs;  ///< Distance from first to second stroke, less the written one.
    std::optional<Figure>
        betweenMs;  ///< Distance from a pair's second stroke to the next stroke, less the written one.
    int pairs = 0;  ///< Pairs of which both strokes were played.
};

/// For every stroke of the phrase 1 where it is the second of a pair, else 0.
[[nodiscard]] std::vector<double> secondsOfDoubles(const Exercise& exercise);

/// Nothing when the page has no doubles.
[[nodiscard]] std::optional<Doubles> measureDoubles(const MatchedTake& take);

}  // namespace upbeat
