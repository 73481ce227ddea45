#include "upbeat/signal/level.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

double energy(std::span<const float> x) {
    double sum = 0;
    for (const float v : x) sum += static_cast<double>(v) * static_cast<double>(v);
    return x.empty() ? 0.0 : sum / static_cast<double>(x.size());
}

}  // namespace

double strokeLevelDb(std::span<const float> x, std::size_t onset, std::size_t end, int sampleRate) {
    const auto ms = [sampleRate](double value) {
        return static_cast<std::size_t>(std::lround(value * 1e-3 * sampleRate));
    };
    end = std::min(end, x.size());
    if (onset >= end) return kSilenceDb;
    const std::size_t before = std::min(onset, ms(8.0));
    const double ringing = energy(x.subspan(onset - before, before));
    const std::size_t width = std::min(ms(5.0), end - onset);
    const std::size_t lastStart = std::min(onset + ms(30.0), end - width);
    double sum = energy(x.subspan(onset, width)) * static_cast<double>(width);
    double largest = sum;
    for (std::size_t i = onset; i < lastStart; ++i) {
        const auto in = static_cast<double>(x[i + width]);
        const auto out = static_cast<double>(x[i]);
        sum += in * in - out * out;
        largest = std::max(largest, sum);
    }
    const double mean = largest / static_cast<double>(width);
    // Never report less than a tenth of what is there: subtracting two noisy energies can come out near nothing.
    const double own = std::max(mean - ringing, 0.1 * mean);
    return own > 1e-12 ? 10.0 * std::log10(own) : kSilenceDb;
}

bool isClipped(std::span<const float> x) {
    constexpr float kFullScale = 0.985F;
    int run = 0;
    float held = 0;
    for (const float v : x) {
        const float size = std::abs(v);
        const bool same = size > 0.25F && std::abs(size - held) < 1e-6F;
        run = (size >= kFullScale || same) ? run + 1 : 0;
        held = size;
        if (run >= 3) return true;
    }
    return false;
}

}  // namespace upbeat
