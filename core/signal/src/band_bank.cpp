#include "upbeat/signal/band_bank.h"

#include <cmath>

#include "wide.h"

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

UPBEAT_WIDE BandEnergy BandBank::process(std::span<const float> frame) {
    static_assert(kBands == kLanes);
    std::array<WideSection<Lanes>, 2> sections;
    for (std::size_t i = 0; i < sections.size(); ++i) {
        const Section& s = m_sections[i];
        WideSection<Lanes>& l = sections[i];
        load(l.b0, s.b0.data()), load(l.b1, s.b1.data()), load(l.b2, s.b2.data());
        load(l.a1, s.a1.data()), load(l.a2, s.a2.data());
        load(l.z1, s.z1.data()), load(l.z2, s.z2.data());
    }
    Lanes squares{};
    for (const float sample : frame) {
        Lanes x = Lanes{} + sample;
        for (WideSection<Lanes>& section : sections) {
            Lanes y;
            section.step(x, y);
            x = y;
        }
        squares += x * x;
    }
    for (std::size_t i = 0; i < sections.size(); ++i)
        store(m_sections[i].z1.data(), sections[i].z1), store(m_sections[i].z2.data(), sections[i].z2);
    BandEnergy sum;
    store(sum.data(), squares);
    for (Section& s : m_sections)
        for (std::size_t b = 0; b < kBands; ++b) s.z1[b] = atRest(s.z1[b]), s.z2[b] = atRest(s.z2[b]);
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
