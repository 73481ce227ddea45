#include "upbeat/signal/onset.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "upbeat/signal/biquad.h"
#include "upbeat/signal/top_band.h"

namespace upbeat {

namespace {

constexpr double kOnsetFraction = 0.05;
// Peak over background, as ratios.
constexpr double kClearContrast = 20.0;
constexpr double kFollowedContrast = 11.3;  // a little above kFollowedDb
constexpr double kClearer = 1.3;            // another view must show it clearer by this

std::size_t samplesOf(double ms, int sampleRate) {
    return static_cast<std::size_t>(std::lround(ms * 1e-3 * sampleRate));
}

/// Mean of |x| over the last millisecond, at every sample from `from` up to `to`; the others are of no use.
std::vector<float> trailingMean(std::span<const float> x, std::size_t from, std::size_t to, int sampleRate) {
    const std::size_t width = std::max<std::size_t>(1, samplesOf(1.0, sampleRate));
    std::vector<float> mean(x.size());
    const std::size_t first = from - std::min(from, width);
    const double share = 1.0 / static_cast<double>(width);
    double sum = 0;
    for (std::size_t i = first; i < to; ++i) {
        const double gone = i >= first + width ? std::abs(static_cast<double>(x[i - width])) : 0.0;
        sum += std::abs(static_cast<double>(x[i])) - gone;
        mean[i] = static_cast<float>(std::max(sum, 0.0) * share);
    }
    return mean;
}

/// One view of the signal with what is needed to find a rise in it.
struct Rise {
    std::vector<float> mean;
    double background = 0;  // mean level before the stroke
    double ripple = 0;      // its highest value there
    double peak = 0;
    double mostContrast = 1e6;  // of which more is not believed

    [[nodiscard]] double contrast() const { return peak / std::max(background, 1e-7); }
};

Rise measureRise(std::span<const float> x, std::size_t coarse, std::size_t end, int sampleRate) {
    const std::size_t from = coarse > samplesOf(12, sampleRate) ? coarse - samplesOf(12, sampleRate) : 0;
    const std::size_t to =
        std::max(from + 1, coarse > samplesOf(3, sampleRate) ? coarse - samplesOf(3, sampleRate) : 1);
    const std::size_t last = std::min({end, x.size(), coarse + samplesOf(30, sampleRate)});
    Rise rise{trailingMean(x, from, std::max(to, last), sampleRate)};
    double sum = 0;
    for (std::size_t i = from; i < to; ++i) {
        const auto value = static_cast<double>(rise.mean[i]);
        sum += value;
        rise.ripple = std::max(rise.ripple, value);
    }
    rise.background = sum / static_cast<double>(to - from);
    for (std::size_t i = to; i < last; ++i) rise.peak = std::max(rise.peak, static_cast<double>(rise.mean[i]));
    return rise;
}

/// The clearest of the whole signal and high-passed views of it; what stands clear only above all vowels is followed
/// there, and nobody takes it for a clear stroke.
Rise clearestRise(std::span<const float> x, std::size_t coarse, std::size_t end, int sampleRate) {
    Rise best = measureRise(x, coarse, end, sampleRate);
    if (best.contrast() >= kClearContrast) return best;
    for (const auto& view :
         filteredTwice(x, {highPass(250, sampleRate), highPass(1200, sampleRate), highPass(4500, sampleRate)})) {
        Rise rise = measureRise(view, coarse, end, sampleRate);
        if (rise.contrast() > kClearer * best.contrast()) best = std::move(rise);
    }
    if (best.contrast() >= kFollowedContrast || !hasTopBand(sampleRate)) return best;
    Rise top = measureRise(topOf(x, sampleRate), coarse, end, sampleRate);
    if (top.contrast() <= kClearer * best.contrast()) return best;
    top.mostContrast = kFollowedContrast;
    return top;
}

/// The window without the constant offset that was there before the stroke.
std::vector<float> withoutOffset(std::span<const float> x, std::size_t coarse) {
    double sum = 0;
    for (const float v : x.first(coarse)) sum += static_cast<double>(v);
    const auto offset = static_cast<float>(coarse > 0 ? sum / static_cast<double>(coarse) : 0.0);
    std::vector<float> level(x.begin(), x.end());
    for (float& v : level) v -= offset;
    return level;
}

}  // namespace

std::optional<Onset> refineOnset(std::span<const float> window, std::size_t coarse, std::size_t end, int sampleRate) {
    if (coarse >= window.size() || end <= coarse) return std::nullopt;
    const std::vector<float> x = withoutOffset(window, coarse);
    const Rise rise = clearestRise(x, coarse, end, sampleRate);
    if (rise.peak <= 1e-7 || rise.contrast() < 1.05) return std::nullopt;
    const double clearance = std::max(1.3 * rise.ripple, rise.background + kOnsetFraction * rise.peak);
    const double threshold = std::min(std::max(kOnsetFraction * rise.peak, clearance), 0.7 * rise.peak);
    const double high = std::max(0.5 * rise.peak, std::min(1.2 * threshold, 0.9 * rise.peak));

    const std::size_t reach = samplesOf(8, sampleRate);
    std::size_t i = coarse > samplesOf(4, sampleRate) ? coarse - samplesOf(4, sampleRate) : 0;
    const std::size_t limit = std::min({x.size(), end, coarse + samplesOf(14, sampleRate)});
    while (i < limit && static_cast<double>(rise.mean[i]) < high) ++i;
    if (i >= limit) return std::nullopt;
    const std::size_t earliest = coarse > reach ? coarse - reach : 0;
    while (i > earliest && static_cast<double>(rise.mean[i - 1]) >= threshold) --i;
    if (i == 0) return std::nullopt;
    const auto below = static_cast<double>(rise.mean[i - 1]);
    const auto above = static_cast<double>(rise.mean[i]);
    const double part = above > below ? std::clamp((threshold - below) / (above - below), 0.0, 1.0) : 1.0;
    // A sudden stroke fills the 1 ms window in a straight line: a higher threshold is passed that much later.
    const double later = std::max(0.0, (threshold - rise.background) / rise.peak - kOnsetFraction);
    const double correction = std::min(later, 0.5) * 1e-3 * sampleRate;
    return Onset{static_cast<double>(i - 1) + part - correction,
                 20.0 * std::log10(std::min(rise.contrast(), rise.mostContrast))};
}

}  // namespace upbeat
