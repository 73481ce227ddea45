#pragma once

#include <array>
#include <span>

#include "upbeat/signal/biquad.h"

namespace upbeat {

inline constexpr std::size_t kBands = 8;
/// Energy of one frame in each band: mean of squares, full scale 1.
using BandEnergy = std::array<float, kBands>;
/// Energies below this, -97 dBFS, are taken as silence.
inline constexpr float kSilentEnergy = 2e-10F;
/// An energy in dB is this times its log2, which takes a third of the time of log10.
inline constexpr float kDbPerOctave = 3.01029996F;

/// Lower edges of the bands in Hz; the last band reaches to the top of the spectrum.
inline constexpr std::array<double, kBands> kBandEdgesHz{40, 120, 300, 700, 1500, 3000, 6000, 11000};

/// Eight band-pass filters run side by side, so that a stick on a cymbal is seen over a ringing drum. The state of
/// all bands is updated in one loop that the compiler turns into vector code.
class BandBank {
  public:
    explicit BandBank(int sampleRate);

    /// Filters one frame of samples and gives its energy per band. Allocates nothing.
    [[nodiscard]] BandEnergy process(std::span<const float> frame);

    /// Independent values per second in a band: how far its energy can be trusted over a short window.
    [[nodiscard]] static double bandwidthHz(std::size_t band, int sampleRate);

  private:
    struct Section {
        std::array<float, kBands> b0{}, b1{}, b2{}, a1{}, a2{}, z1{}, z2{};
        void assign(std::size_t band, const Biquad& section);
    };
    std::array<Section, 2> m_sections;
};

}  // namespace upbeat
