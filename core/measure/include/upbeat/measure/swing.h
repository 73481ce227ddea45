#pragma once

#include <optional>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// The long-short ratio of a swung exercise, from spans whose start, middle and end were all played.
struct Swing {
    std::optional<Figure> ratio;           ///< exp of the mean log of (off-beat - beat) / (next beat - off-beat).
    std::optional<Figure> offbeatPercent;  ///< The same as a place in the span: 50 straight, 66.7 triplet.
    double targetRatio = 1;
};

/// Nothing to measure in a straight exercise.
[[nodiscard]] std::optional<Swing> measureSwing(const MatchedTake& take);

}  // namespace upbeat
