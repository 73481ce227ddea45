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

/// The signal through one section, starting from rest.
[[nodiscard]] std::vector<float> filtered(std::span<const float> signal, const Biquad& section);

}  // namespace upbeat
