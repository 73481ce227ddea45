#include "upbeat/signal/band_bank.h"

#include <cmath>

namespace upbeat {

void BandBank::Section::assign(std::size_t band, const Biquad& s) {
    b0[band] = static_cast<float>(s.b0);
    b1[band] = static_cast<float>(s.b1);
    b2[band] = static_cast<float>(s.b2);
    a1[band] = static_cast<float>(s.a1);
    a2[band] = static_cast<float>(s.a2);
}

BandBank::BandBank(int sampleRate) {
    for (std::size_t band = 0; band < kBands; ++band) {
        m_sections[0].assign(band, highPass(kBandEdgesHz[band], sampleRate));
        const bool last = band + 1 == kBands;
        m_sections[1].assign(band, last ? Biquad{} : lowPass(kBandEdgesHz[band + 1], sampleRate));
    }
}

BandEnergy BandBank::process(std::span<const float> frame) {
    std::array<float, kBands> sum{};
    for (const float sample : frame) {
        std::array<float, kBands> x;
        x.fill(sample);
        for (Section& s : m_sections) {
            for (std::size_t b = 0; b < kBands; ++b) {
                const float y = s.b0[b] * x[b] + s.z1[b];
                s.z1[b] = s.b1[b] * x[b] - s.a1[b] * y + s.z2[b];
                s.z2[b] = s.b2[b] * x[b] - s.a2[b] * y;
                x[b] = y;
            }
        }
        for (std::size_t b = 0; b < kBands; ++b) sum[b] += x[b] * x[b];
    }
    // Denormal numbers in a decaying filter would cost a hundred times the time of normal ones.
    constexpr float kRest = 1e-15F;
    for (Section& s : m_sections) {
        for (std::size_t b = 0; b < kBands; ++b) {
            if (std::abs(s.z1[b]) < kRest) s.z1[b] = 0;
            if (std::abs(s.z2[b]) < kRest) s.z2[b] = 0;
        }
    }
    const float scale = frame.empty() ? 0.0F : 1.0F / static_cast<float>(frame.size());
    for (float& energy : sum) energy *= scale;
    return sum;
}

double BandBank::bandwidthHz(std::size_t band, int sampleRate) {
    const bool last = band + 1 == kBands;
    const double top = last ? sampleRate / 2.0 : kBandEdgesHz[band + 1];
    return std::max(top - kBandEdgesHz[band], 1.0);
}

}  // namespace upbeat
