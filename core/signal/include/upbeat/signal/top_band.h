#pragma once

#include <array>
#include <cstdint>
#include <span>
#include <vector>

#include "upbeat/signal/biquad.h"

namespace upbeat {

/// Where the sound above vowels begins. A vowel leaves nothing up there, a stick on a skin or on metal does. The
/// filters of the band bank fall by 12 dB an octave, so that a loud vowel is heard in all of them.
inline constexpr double kTopBandHz = 9000;

/// That sound of a signal: a high pass of 48 dB an octave, four sections.
[[nodiscard]] std::vector<float> topOf(std::span<const float> signal, int sampleRate);
/// Whether a recording of this sample rate holds it.
[[nodiscard]] bool hasTopBand(int sampleRate);

/// The energy of that sound, frame by frame.
class TopBand {
  public:
    explicit TopBand(int sampleRate);

    /// Mean of squares of one frame, full scale 1; 0 where there is no such sound. Allocates nothing.
    [[nodiscard]] float process(std::span<const float> frame);

  private:
    static constexpr std::size_t kSections = 4;

    bool m_isThere;
    Biquad m_section;
    std::array<float, kSections> m_z1{}, m_z2{}, m_y{};  // of the sections
};

/// How far a sound rises at frame `at` of `energies`, in dB: the most in the 4 ms before and after, each time 3 ms
/// against the 12 ms before them. 0 where it does not rise or too little is known.
[[nodiscard]] double topRiseDb(std::span<const float> energies, std::int64_t at);

}  // namespace upbeat
