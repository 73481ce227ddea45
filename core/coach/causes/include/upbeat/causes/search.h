#pragma once

#include <cstddef>
#include <vector>

#include "upbeat/measure/statistics.h"

namespace upbeat {

/// How much of something each observation gets: a cause that may or may not be at work.
struct CauseColumn {
    std::vector<double> of;
    double cost = 0;      ///< Log likelihood it must gain before it is believed.
    double likelier = 0;  ///< +1 or -1 where one direction is the likelier reading of what else would fit as well.
    int only = 0;         ///< +1 or -1 where it can be at work in that direction alone.
    bool isSlow = false;  ///< Moves with the passes: their scatter says how surely it is known.
};

/// What is observed, in the unit of the effects. One entry of each vector for every observation.
struct Observed {
    std::vector<double> values;
    std::vector<int> cells;   ///< Observations of one cell differ by chance alone: what is written there is the same.
    std::vector<int> passes;  ///< Which repetition.
    std::vector<int> levels;  ///< Each has a level of its own that is no cause (voice and class; one for times).
};

/// A cause that was believed, its size with all others taken off and the 95 % interval.
struct BelievedCause {
    std::size_t column = 0;
    Figure size;
    double gain = 0;  ///< Log likelihood beyond its cost.
};

struct CauseSearch {
    std::vector<BelievedCause> causes;  ///< In the order in which they were believed.
    std::vector<double> explained;      ///< By observation: what they make up together.
    double scatter = 0;                 ///< Robust deviation inside the cells: what no cause can explain.
};

/// Forward selection by likelihood (Efroymson 1960) with a price for every parameter: the column that explains most
/// beyond its cost is taken, all that were taken are fitted again, what no longer stands is dropped, until nothing
/// gains. Observations weigh as Huber (1964) gives them about the median of their cell, so that single wild strokes
/// decide nothing. Fewer than three observations in most cells: nothing is believed.
[[nodiscard]] CauseSearch searchCauses(const Observed& observed, const std::vector<CauseColumn>& columns);

/// The price of one of `alternatives` columns of a kind so that all `kinds` together raise a false alarm in at most one
/// of a hundred takes: half the square of the normal quantile, -ln p and a constant (Bonferroni 1936).
[[nodiscard]] double costOfOneIn(std::size_t alternatives, std::size_t kinds);

}  // namespace upbeat
