#include "upbeat/signal/novelty.h"

#include <algorithm>
#include <cmath>

#include "wide.h"

namespace upbeat {

namespace {

// A band that falls may take back a little of what others say; a band that rises far says no more than "far".
constexpr float kLeastErrors = -1.0F;
constexpr float kMostErrors = 8.0F;
// Neighbouring frequencies of one drum do not vary independently: a wide band is trusted no further than this.
constexpr double kTrustedBandwidthHz = 2000.0;
constexpr double kDecibelsPerNeper = 4.34;

/// Mean of some frames, band by band, side by side.
inline void meanOf(std::span<const BandEnergy> frames, Lanes& mean) {
    mean = Lanes{};
    for (const BandEnergy& frame : frames) {
        Lanes energy;
        load(energy, frame.data());
        mean += energy;
    }
    mean /= static_cast<float>(frames.size());
}

/// Standard error in dB of the difference of two log energies over the windows before and after.
float errorDb(std::size_t band, std::size_t afterFrames, int sampleRate) {
    const double freedom = std::min(BandBank::bandwidthHz(band, sampleRate), kTrustedBandwidthHz) * kFrameS;
    const double variance = 1.0 / (freedom * static_cast<double>(afterFrames)) + 1.0 / (freedom * kBeforeFrames);
    return static_cast<float>(kDecibelsPerNeper * std::sqrt(variance));
}

/// Whether any band rises enough that all of them together could make a hit: most frames are decided here, without
/// logarithms.
inline bool mayRise(const Lanes& ratio) {
    constexpr float kTooLittle = 1.25F;  // 1 dB in all eight bands stays below the weakest strength that counts
    for (std::size_t b = 0; b < kBands; ++b)
        if (ratio[b] > kTooLittle) return true;
    return false;
}

float riseInErrors(const Lanes& ratio, const std::array<float, kBands>& errorsDb) {
    float sum = 0;
    for (std::size_t b = 0; b < kBands; ++b)
        sum += std::clamp(kDbPerOctave * std::log2(ratio[b]) / errorsDb[b], kLeastErrors, kMostErrors);
    return sum;
}

}  // namespace

NoveltyMeter::NoveltyMeter(int sampleRate) {
    for (std::size_t b = 0; b < kBands; ++b) {
        m_shortErrorDb[b] = errorDb(b, kShortAfterFrames, sampleRate);
        m_longErrorDb[b] = errorDb(b, kAfterFrames, sampleRate);
    }
}

UPBEAT_WIDE double NoveltyMeter::strength(std::span<const BandEnergy> before, std::span<const BandEnergy> after) const {
    static_assert(kBands == kLanes);
    Lanes was;
    Lanes atOnce;
    Lanes lasting;
    meanOf(before, was);
    meanOf(after.first(std::min(after.size(), kShortAfterFrames)), atOnce);
    meanOf(after, lasting);
    was += kSilentEnergy;
    const Lanes ratioAtOnce = (atOnce + kSilentEnergy) / was;
    const Lanes ratioLasting = (lasting + kSilentEnergy) / was;
    float best = 0;
    if (mayRise(ratioAtOnce)) best = std::max(best, riseInErrors(ratioAtOnce, m_shortErrorDb));
    if (mayRise(ratioLasting)) best = std::max(best, riseInErrors(ratioLasting, m_longErrorDb));
    return static_cast<double>(best);
}

}  // namespace upbeat
