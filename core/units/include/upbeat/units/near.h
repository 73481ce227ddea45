#pragma once

#include <algorithm>
#include <vector>

namespace upbeat {

/// Whether one of some values in order lies nearer than `within`.
[[nodiscard]] inline bool isNearOne(const std::vector<double>& ordered, double value, double within) {
    const auto from = std::upper_bound(ordered.begin(), ordered.end(), value - within);
    return from != ordered.end() && *from < value + within;
}

}  // namespace upbeat
