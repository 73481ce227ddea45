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

std::vector<float> filtered(std::span<const float> signal, const Biquad& s) {
    std::vector<float> out(signal.size());
    double z1 = 0;
    double z2 = 0;
    for (std::size_t i = 0; i < signal.size(); ++i) {
        const double x = static_cast<double>(signal[i]);
        const double y = s.b0 * x + z1;
        z1 = s.b1 * x - s.a1 * y + z2;
        z2 = s.b2 * x - s.a2 * y;
        out[i] = static_cast<float>(y);
    }
    return out;
}

}  // namespace upbeat
