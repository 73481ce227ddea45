#pragma once

#include <vector>

namespace upbeat {

/// Middle value; mean of the two middle ones for an even count. Empty input gives 0.
[[nodiscard]] double median(std::vector<double> values);
/// Linear interpolation between order statistics, fraction 0..1.
[[nodiscard]] double quantile(std::vector<double> values, double fraction);
/// Robust standard deviation: 1.4826 times the median absolute deviation about the median.
[[nodiscard]] double robustDeviation(const std::vector<double>& values);

}  // namespace upbeat
