#pragma once

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

/// One section at work, sample by sample, starting from rest.
class BiquadFilter {
  public:
    explicit BiquadFilter(const Biquad& section) : m_section(section) {}

    double process(double x) {
        const double y = m_section.b0 * x + m_z1;
        m_z1 = m_section.b1 * x + m_z2 - m_section.a1 * y;  // y, which takes longest, last
        m_z2 = m_section.b2 * x - m_section.a2 * y;
        return y;
    }

  private:
    Biquad m_section;
    double m_z1 = 0;
    double m_z2 = 0;
};

/// The signal through one section, starting from rest.
[[nodiscard]] std::vector<float> filtered(std::span<const float> signal, const Biquad& section);

}  // namespace upbeat
