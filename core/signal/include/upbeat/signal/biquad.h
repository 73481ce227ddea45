#pragma once

#include <array>
#include <cstddef>
#include <span>
#include <vector>

namespace upbeat {

/// Coefficients of a second-order section, a0 normalised to 1: y = b0 x + b1 x' + b2 x'' - a1 y' - a2 y''.
struct Biquad {
    double b0 = 1, b1 = 0, b2 = 0, a1 = 0, a2 = 0;
};

/// Second-order Butterworth sections by the bilinear transform (the usual audio cookbook form, Q = 1/sqrt 2).
/// A corner at or above 0.45 of the sample rate gives a section that passes everything (low pass) or nothing changes.
[[nodiscard]] Biquad lowPass(double cornerHz, double sampleRate);
[[nodiscard]] Biquad highPass(double cornerHz, double sampleRate);

/// What a section remembers from one sample to the next (transposed direct form II); at rest all 0.
struct BiquadState {
    double z1 = 0, z2 = 0;
};

/// One sample through a section.
inline double step(const Biquad& section, BiquadState& state, double x) {
    const double y = section.b0 * x + state.z1;
    state.z1 = section.b1 * x + state.z2 - section.a1 * y;  // y, which takes longest, last
    state.z2 = section.b2 * x - section.a2 * y;
    return y;
}

/// One section at work, sample by sample, starting from rest.
class BiquadFilter {
  public:
    explicit BiquadFilter(const Biquad& section) : m_section(section) {}

    double process(double x) { return step(m_section, m_state, x); }

  private:
    Biquad m_section;
    BiquadState m_state;
};

/// The signal through one section, starting from rest.
[[nodiscard]] std::vector<float> filtered(std::span<const float> signal, const Biquad& section);

inline constexpr std::size_t kViews = 3;
/// The signal through each of three sections twice, starting from rest: what `filtered` gives of what it gives, in a
/// sixth of the time, for the six are worked side by side.
[[nodiscard]] std::array<std::vector<float>, kViews> filteredTwice(std::span<const float> signal,
                                                                   const std::array<Biquad, kViews>& sections);

}  // namespace upbeat
