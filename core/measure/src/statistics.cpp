#include "upbeat/measure/statistics.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

namespace upbeat {

double mean(std::span<const double> values) {
    if (values.empty()) return 0;
    return std::accumulate(values.begin(), values.end(), 0.0) / static_cast<double>(values.size());
}

double standardDeviation(std::span<const double> values) {
    if (values.size() < 2) return 0;
    const double centre = mean(values);
    double sum = 0;
    for (const double v : values) sum += (v - centre) * (v - centre);
    return std::sqrt(sum / static_cast<double>(values.size() - 1));
}

double studentT975(double freedom) {
    if (freedom < 1.5) return 12.706;
    if (freedom < 2.5) return 4.303;
    constexpr double z = 1.959964;
    const double g1 = (std::pow(z, 3) + z) / 4.0;
    const double g2 = (5 * std::pow(z, 5) + 16 * std::pow(z, 3) + 3 * z) / 96.0;
    const double g3 = (3 * std::pow(z, 7) + 19 * std::pow(z, 5) + 17 * std::pow(z, 3) - 15 * z) / 384.0;
    return z + g1 / freedom + g2 / (freedom * freedom) + g3 / std::pow(freedom, 3);
}

Figure withError(double value, double standardError, int n) {
    const double half = studentT975(std::max(1, n - 1)) * standardError;
    return {value, value - half, value + half, n};
}

std::optional<Figure> meanFigure(const std::vector<double>& values) {
    if (values.size() < 3) return std::nullopt;
    const auto n = static_cast<double>(values.size());
    return withError(mean(values), standardDeviation(values) / std::sqrt(n), static_cast<int>(values.size()));
}

std::optional<Figure> medianFigure(const std::vector<double>& values) {
    if (values.size() < 3) return std::nullopt;
    // A median absolute deviation of 0 (more than half of the values alike) must not claim certainty.
    const double scatter = std::max(robustDeviation(values), 0.3 * standardDeviation(values));
    const double error = 1.2533 * scatter / std::sqrt(static_cast<double>(values.size()));
    return withError(median(values), error, static_cast<int>(values.size()));
}

namespace {

/// Correlation of neighbours, freed of its bias in short series (Kendall 1954); never below 0.
double carriedOver(const std::vector<double>& series) {
    const auto n = static_cast<double>(series.size());
    const double centre = mean(series);
    double product = 0;
    double square = 0;
    for (std::size_t i = 0; i < series.size(); ++i) {
        square += (series[i] - centre) * (series[i] - centre);
        if (i > 0) product += (series[i] - centre) * (series[i - 1] - centre);
    }
    if (square <= 0 || n < 5) return 0;
    const double found = product / square;
    if (found < 0) return 0;
    constexpr double kMost = 0.85;
    return std::clamp((n * found + 1) / (n - 3), 0.0, kMost);
}

}  // namespace

std::optional<Figure> medianFigure(const std::vector<double>& values, const std::vector<int>& groups) {
    auto figure = medianFigure(values);
    if (!figure || groups.size() != values.size()) return figure;
    std::map<int, std::vector<double>> byGroup;
    // In a long take many passes are one batch: batches lie far enough apart to know little of one another.
    constexpr int kMostBatches = 10;
    const auto [first, last] = std::minmax_element(groups.begin(), groups.end());
    const int together = std::max(1, (*last - *first + kMostBatches) / kMostBatches);
    for (std::size_t i = 0; i < values.size(); ++i) byGroup[(groups[i] - *first) / together].push_back(values[i]);
    constexpr std::size_t kFewestGroups = 4;
    if (byGroup.size() < kFewestGroups) return figure;
    std::vector<double> medians;
    medians.reserve(byGroup.size());
    for (const auto& [group, members] : byGroup) medians.push_back(median(members));
    const auto n = static_cast<double>(medians.size());
    // Passes that follow one another resemble one another: fewer of them are independent than there are.
    const double memory = carriedOver(medians);
    const double independent = n * (1 - memory) / (1 + memory);
    const double error = standardDeviation(medians) / std::sqrt(independent);
    // By chance alone the scatter of a few medians often comes out a little larger than the strokes say.
    constexpr double kClearlyMore = 1.5;
    if (error * 1.96 <= kClearlyMore * figure->halfWidth()) return figure;
    // Nor is their scatter known better than that many tell, give or take what the memory itself is unsure by.
    const double told = 0.5 * (n + independent);
    const Figure grouped = withError(figure->value, error, std::max(3, static_cast<int>(std::lround(told))));
    return Figure{grouped.value, grouped.low, grouped.high, figure->n};
}

std::optional<Figure> spreadFigure(const std::vector<double>& values) {
    constexpr std::size_t kFewest = 5;
    if (values.size() < kFewest) return std::nullopt;
    const double n = static_cast<double>(values.size());
    // Hampel's factor makes the median absolute deviation unbiased only for large n; the rest is a small-sample
    // correction.
    const double spread = robustDeviation(values) * (1.0 + 0.8 / n);
    const double factor = std::exp(studentT975(n - 1) * 1.167 / std::sqrt(n));
    return Figure{spread, spread / factor, spread * factor, static_cast<int>(values.size())};
}

Figure difference(const Figure& a, const Figure& b) {
    const double half = std::hypot(a.halfWidth(), b.halfWidth());
    const double value = a.value - b.value;
    return {value, value - half, value + half, std::min(a.n, b.n)};
}

Figure against(const Figure& figure, double zero) {
    return {figure.value - zero, figure.low - zero, figure.high - zero, figure.n};
}

Figure distance(const Figure& f) {
    const double far = std::max(std::abs(f.low), std::abs(f.high));
    const bool holdsZero = f.low <= 0 && f.high >= 0;
    return {std::abs(f.value), holdsZero ? 0.0 : std::min(std::abs(f.low), std::abs(f.high)), far, f.n};
}

std::optional<Figure> slopeFigure(std::span<const double> x, std::span<const double> y) {
    if (x.size() < 4 || x.size() != y.size()) return std::nullopt;
    const double mx = mean(x);
    const double my = mean(y);
    double sxx = 0;
    double sxy = 0;
    for (std::size_t i = 0; i < x.size(); ++i) {
        sxx += (x[i] - mx) * (x[i] - mx);
        sxy += (x[i] - mx) * (y[i] - my);
    }
    if (sxx <= 0) return std::nullopt;
    const double slope = sxy / sxx;
    double rest = 0;
    for (std::size_t i = 0; i < x.size(); ++i) rest += std::pow(y[i] - my - slope * (x[i] - mx), 2);
    const int n = static_cast<int>(x.size());
    return withError(slope, std::sqrt(rest / (n - 2) / sxx), n - 1);
}

Figure shareFigure(int count, int trials) {
    if (trials <= 0) return {};
    constexpr double z = 1.959964;
    const double n = trials;
    const double p = count / n;
    const double centre = (p + z * z / (2 * n)) / (1 + z * z / n);
    const double half = z / (1 + z * z / n) * std::sqrt(p * (1 - p) / n + z * z / (4 * n * n));
    return {100 * p, 100 * std::max(0.0, centre - half), 100 * std::min(1.0, centre + half), trials};
}

}  // namespace upbeat
