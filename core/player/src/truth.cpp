#include "upbeat/player/truth.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <vector>

namespace upbeat {

namespace {

std::size_t firstSounding(std::span<const float> x) {
    const auto found = std::find_if(x.begin(), x.end(), [](float v) { return std::abs(v) > 1e-9F; });
    return static_cast<std::size_t>(found - x.begin());
}

}  // namespace

double trueOnset(std::span<const float> x, int sampleRate) {
    const auto window = static_cast<std::size_t>(sampleRate / 1000);
    const std::size_t start = firstSounding(x);
    const std::size_t stop = std::min(x.size(), start + static_cast<std::size_t>(0.030 * sampleRate));
    std::vector<double> summed(stop + 1, 0.0);
    for (std::size_t i = 0; i < stop; ++i) summed[i + 1] = summed[i] + std::abs(static_cast<double>(x[i]));
    const auto meanAt = [&](std::size_t i) {
        const std::size_t first = i + 1 > window ? i + 1 - window : 0;
        return (summed[i + 1] - summed[first]) / static_cast<double>(window);
    };
    double largest = 0;
    for (std::size_t i = start; i < stop; ++i) largest = std::max(largest, meanAt(i));
    const double threshold = 0.05 * largest;
    for (std::size_t i = start; i < stop; ++i) {
        const double now = meanAt(i);
        if (now < threshold) continue;
        const double last = i > 0 ? meanAt(i - 1) : 0.0;
        return static_cast<double>(i) - (now - threshold) / std::max(now - last, 1e-12);
    }
    return static_cast<double>(start);
}

double trueLevelDb(std::span<const float> x, int sampleRate) {
    const auto onset = static_cast<std::size_t>(std::max(0.0, trueOnset(x, sampleRate)));
    const auto width = static_cast<std::size_t>(0.005 * sampleRate);
    const auto reach = static_cast<std::size_t>(0.030 * sampleRate);
    double best = 0;
    for (std::size_t i = onset; i <= onset + reach && i + width <= x.size(); i += 4) {
        const auto part = x.subspan(i, width);
        const double power = std::inner_product(part.begin(), part.end(), part.begin(), 0.0);
        best = std::max(best, power / static_cast<double>(width));
    }
    return 10.0 * std::log10(std::max(best, 1e-12));
}

}  // namespace upbeat
