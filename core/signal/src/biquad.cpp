#include "upbeat/signal/biquad.h"

#include <cmath>
#include <numbers>

namespace upbeat {

namespace {

struct Prototype {
    double cosine;
    double alpha;
};

Prototype prototype(double cornerHz, double sampleRate) {
    const double w = 2.0 * std::numbers::pi * cornerHz / sampleRate;
    return {std::cos(w), std::sin(w) / std::numbers::sqrt2};
}

}  // namespace

Biquad lowPass(double cornerHz, double sampleRate) {
    if (cornerHz >= 0.45 * sampleRate) return {};
    const auto [c, alpha] = prototype(cornerHz, sampleRate);
    const double a0 = 1.0 + alpha;
    return {(1.0 - c) / 2.0 / a0, (1.0 - c) / a0, (1.0 - c) / 2.0 / a0, -2.0 * c / a0, (1.0 - alpha) / a0};
}

Biquad highPass(double cornerHz, double sampleRate) {
    if (cornerHz >= 0.45 * sampleRate) return {};
    const auto [c, alpha] = prototype(cornerHz, sampleRate);
    const double a0 = 1.0 + alpha;
    return {(1.0 + c) / 2.0 / a0, -(1.0 + c) / a0, (1.0 + c) / 2.0 / a0, -2.0 * c / a0, (1.0 - alpha) / a0};
}

std::vector<float> filtered(std::span<const float> signal, const Biquad& section) {
    std::vector<float> out(signal.size());
    BiquadFilter filter(section);
    for (std::size_t i = 0; i < signal.size(); ++i)
        out[i] = static_cast<float>(filter.process(static_cast<double>(signal[i])));
    return out;
}

}  // namespace upbeat
