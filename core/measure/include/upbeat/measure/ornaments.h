#pragma once

#include <optional>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// Grace notes of flams, drags and ruffs.
struct Ornaments {
    std::optional<Figure> spacingMs;        ///< Median distance from the last grace note to the main stroke.
    std::optional<Figure> spacingSpreadMs;  ///< Robust deviation of that distance.
    std::optional<Figure> graceLevelDb;     ///< Grace minus main stroke.
    std::optional<Figure> insideMs;         ///< Between the grace notes of a drag or ruff.
    int played = 0;                         ///< Ornaments with every grace note found.
    int written = 0;
};

/// Nothing when the exercise has no grace notes.
[[nodiscard]] std::optional<Ornaments> measureOrnaments(const MatchedTake& take);

}  // namespace upbeat
