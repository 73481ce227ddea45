#pragma once

#include <vector>

#include "upbeat/causes/search.h"

namespace upbeat {

inline constexpr double kLeastScatter = 0.3;  ///< ms or dB: finer than strokes are measured.

/// What remains of the values within their cells, a steady movement over the take left out.
[[nodiscard]] std::vector<double> aboutTheirCells(const Observed& observed);

/// Standard deviation, what is wild cut off at three robust ones: as sure as that of a normal sample nearly.
[[nodiscard]] double scatterOf(const std::vector<double>& rest, double freedom);

}  // namespace upbeat
