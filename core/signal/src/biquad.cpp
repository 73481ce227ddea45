#include "upbeat/signal/biquad.h"

#include <cmath>
#include <numbers>

#include "wide.h"

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

namespace {

/// One for each view; the fourth is idle.
using Views [[gnu::vector_size(4 * sizeof(double))]] = double;
using Rounded [[gnu::vector_size(4 * sizeof(float))]] = float;

}  // namespace

UPBEAT_WIDE std::array<std::vector<float>, kViews> filteredTwice(std::span<const float> signal,
                                                                 const std::array<Biquad, kViews>& sections) {
    WideSection<Views> first;
    for (std::size_t k = 0; k < kViews; ++k) {
        const Biquad& s = sections[k];
        first.b0[k] = s.b0, first.b1[k] = s.b1, first.b2[k] = s.b2, first.a1[k] = s.a1, first.a2[k] = s.a2;
    }
    WideSection<Views> second = first;
    std::array<std::vector<float>, kViews> out;
    for (auto& view : out) view.resize(signal.size());
    for (std::size_t i = 0; i < signal.size(); ++i) {
        Views once;
        Views twice;
        first.step(Views{} + static_cast<double>(signal[i]), once);
        second.step(__builtin_convertvector(__builtin_convertvector(once, Rounded), Views), twice);
        for (std::size_t k = 0; k < kViews; ++k) out[k][i] = static_cast<float>(twice[k]);
    }
    return out;
}

}  // namespace upbeat
