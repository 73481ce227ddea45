#pragma once

#include <optional>
#include <span>
#include <vector>

#include "upbeat/units/order_statistics.h"

namespace upbeat {

/// A measured value with its 95 % interval and the number of observations behind it.
struct Figure {
    double value = 0;
    double low = 0;
    double high = 0;
    int n = 0;

    friend bool operator==(const Figure&, const Figure&) = default;

    [[nodiscard]] double halfWidth() const { return 0.5 * (high - low); }
};

[[nodiscard]] double mean(std::span<const double> values);
/// Sample standard deviation (n - 1); 0 for fewer than two values.
[[nodiscard]] double standardDeviation(std::span<const double> values);

/// 97.5 % point of Student's t with `freedom` degrees, by the Cornish-Fisher series of Abramowitz & Stegun 26.7.5
/// (exact values for 1 and 2).
[[nodiscard]] double studentT975(double freedom);

/// value +- t * error, with t for n - 1 degrees of freedom.
[[nodiscard]] Figure withError(double value, double standardError, int n);

/// Mean of independent values with Student's interval. Fewer than 3 values: nothing.
[[nodiscard]] std::optional<Figure> meanFigure(const std::vector<double>& values);

/// Median of independent values. Standard error: 1.2533 times the robust deviation over sqrt(n), the asymptotic error
/// of the median of a normal sample. Fewer than 3 values: nothing.
[[nodiscard]] std::optional<Figure> medianFigure(const std::vector<double>& values);

/// Median of values that come in groups (passes): the error is never taken smaller than what the scatter of the group
/// medians says, so that a slow movement through the take widens the interval as it must.
[[nodiscard]] std::optional<Figure> medianFigure(const std::vector<double>& values, const std::vector<int>& groups);

/// Robust deviation with its interval: the error of its logarithm is 1.167 / sqrt(n) for a normal sample (the
/// asymptotic efficiency of the median absolute deviation is 0.37, Hampel 1974). Fewer than 5 values: nothing.
[[nodiscard]] std::optional<Figure> spreadFigure(const std::vector<double>& values);

/// a - b of independent figures; errors add in squares.
[[nodiscard]] Figure difference(const Figure& a, const Figure& b);

/// A figure against another zero: everything less `zero`, which is known exactly.
[[nodiscard]] Figure against(const Figure& figure, double zero);

/// |figure|: how far it is from 0. The interval starts at 0 where the figure's holds 0, so that `low > 0` tells a
/// figure that surely differs from nothing.
[[nodiscard]] Figure distance(const Figure& figure);

/// Slope of y over x by least squares, with the interval from the residuals. Fewer than 4 points: nothing.
[[nodiscard]] std::optional<Figure> slopeFigure(std::span<const double> x, std::span<const double> y);

/// A count out of a number of trials, as a share in percent with Wilson's interval (1927).
[[nodiscard]] Figure shareFigure(int count, int trials);

}  // namespace upbeat
