#include "upbeat/signal/novelty.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

// A band that falls may take back a little of what others say; a band that rises far says no more than "far".
constexpr float kLeastErrors = -1.0F;
constexpr float kMostErrors = 8.0F;
// Neighbouring frequencies of one drum do not vary independently: a wide band is trusted no further than this.
constexpr double kTrustedBandwidthHz = 2000.0;
constexpr double kDecibelsPerNeper = 4.34;

BandEnergy meanOf(std::span<const BandEnergy> frames) {
    BandEnergy mean{};
    for (const BandEnergy& frame : frames)
        for (std::size_t b = 0; b < kBands; ++b) mean[b] += frame[b];
    for (float& value : mean) value /= static_cast<float>(frames.size());
    return mean;
}

/// Standard error in dB of the difference of two log energies over the windows before and after.
float errorDb(std::size_t band, std::size_t afterFrames, int sampleRate) {
    const double freedom = std::min(BandBank::bandwidthHz(band, sampleRate), kTrustedBandwidthHz) * kFrameS;
    const double variance = 1.0 / (freedom * static_cast<double>(afterFrames)) + 1.0 / (freedom * kBeforeFrames);
    return static_cast<float>(kDecibelsPerNeper * std::sqrt(variance));
}

/// Whether any band rises enough that all of them together could make a hit: most frames are decided here, without
/// logarithms.
bool mayRise(const BandEnergy& was, const BandEnergy& is) {
    constexpr float kTooLittle = 1.25F;  // 1 dB in all eight bands stays below the weakest strength that counts
    for (std::size_t b = 0; b < kBands; ++b)
        if (is[b] + kSilentEnergy > kTooLittle * (was[b] + kSilentEnergy)) return true;
    return false;
}

float riseInErrors(const BandEnergy& was, const BandEnergy& is, const std::array<float, kBands>& errorsDb) {
    float sum = 0;
    for (std::size_t b = 0; b < kBands; ++b) {
        const float ratio = (is[b] + kSilentEnergy) / (was[b] + kSilentEnergy);
        sum += std::clamp(kDbPerOctave * std::log2(ratio) / errorsDb[b], kLeastErrors, kMostErrors);
    }
    return sum;
}

}  // namespace

NoveltyMeter::NoveltyMeter(int sampleRate) {
    for (std::size_t b = 0; b < kBands; ++b) {
        m_shortErrorDb[b] = errorDb(b, kShortAfterFrames, sampleRate);
        m_longErrorDb[b] = errorDb(b, kAfterFrames, sampleRate);
    }
}

double NoveltyMeter::strength(std::span<const BandEnergy> before, std::span<const BandEnergy> after) const {
    const BandEnergy was = meanOf(before);
    const BandEnergy atOnce = meanOf(after.first(std::min(after.size(), kShortAfterFrames)));
    const BandEnergy lasting = meanOf(after);
    float best = 0;
    if (mayRise(was, atOnce)) best = std::max(best, riseInErrors(was, atOnce, m_shortErrorDb));
    if (mayRise(was, lasting)) best = std::max(best, riseInErrors(was, lasting, m_longErrorDb));
    return static_cast<double>(best);
}

}  // namespace upbeat
