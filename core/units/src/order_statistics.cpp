#include "upbeat/units/order_statistics.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

double median(std::vector<double> values) {
    return quantile(std::move(values), 0.5);
}

double quantile(std::vector<double> values, double fraction) {
    if (values.empty()) return 0;
    std::sort(values.begin(), values.end());
    const double place = std::clamp(fraction, 0.0, 1.0) * static_cast<double>(values.size() - 1);
    const auto below = static_cast<std::size_t>(place);
    const std::size_t above = std::min(below + 1, values.size() - 1);
    return values[below] + (place - static_cast<double>(below)) * (values[above] - values[below]);
}

double robustDeviation(const std::vector<double>& values) {
    const double centre = median(values);
    std::vector<double> away;
    away.reserve(values.size());
    for (const double v : values) away.push_back(std::abs(v - centre));
    return 1.4826 * median(std::move(away));
}

}  // namespace upbeat
