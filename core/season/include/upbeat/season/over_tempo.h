#pragma once

#include <array>
#include <optional>
#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/season/bend.h"
#include "upbeat/season/season_figures.h"

namespace upbeat {

/// A main figure of a past take.
struct PastFigure {
    double tempoBpm = 0;
    double daysAgo = 0;
    Figure figure;
};

/// A rung: all takes on it together, newer ones weighing more.
struct RungFigure {
    double tempoBpm = 0;
    Figure figure;  ///< Its interval holds how much the takes differ.
};

/// How one measure goes as it gets faster.
struct OverTempo {
    SeasonMeasure measure = SeasonMeasure::Spread;
    std::vector<RungFigure> rungs;  ///< In order of tempo.
    std::vector<double> asked;      ///< Swing: the target at each rung; else empty.
    std::optional<Bend> bend;       ///< Where it begins to get worse: a bend to the better is none.
    double lostAtTop = 0;           ///< What the bend costs at the fastest rung, in the unit of the measure.
};

/// From the past takes that have the figure; nothing where there are none. Spread is looked at in its logarithm, swing
/// against its target.
[[nodiscard]] std::optional<OverTempo> overTempo(SeasonMeasure measure, const Exercise& exercise,
                                                 const std::vector<PastFigure>& past);

using PastFigures = std::array<std::vector<PastFigure>, kSeasonMeasures>;

/// Every measure that has figures; what has lost most by its bend comes first. One thing that goes is said once:
/// where the swing leaves its place, the hand that plays the off-beats has no bend of its own, and where either does,
/// the placement of the whole has none.
[[nodiscard]] std::vector<OverTempo> allOverTempo(const Exercise& exercise, const PastFigures& past);

}  // namespace upbeat
