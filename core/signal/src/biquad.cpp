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

struct ViewSections {
    Views b0{}, b1{}, b2{}, a1{}, a2{};
};

struct ViewStates {
    Views z1{}, z2{};
};

/// By reference: how such wide values are handed over depends on the machine.
inline void step(const ViewSections& s, ViewStates& state, const Views& x, Views& y) {
    y = s.b0 * x + state.z1;
    state.z1 = s.b1 * x + state.z2 - s.a1 * y;
    state.z2 = s.b2 * x - s.a2 * y;
}

}  // namespace

UPBEAT_WIDE std::array<std::vector<float>, kViews> filteredTwice(std::span<const float> signal,
                                                                 const std::array<Biquad, kViews>& sections) {
    ViewSections section;
    for (std::size_t k = 0; k < kViews; ++k) {
        const Biquad& s = sections[k];
        section.b0[k] = s.b0, section.b1[k] = s.b1, section.b2[k] = s.b2, section.a1[k] = s.a1, section.a2[k] = s.a2;
    }
    std::array<std::vector<float>, kViews> out;
    for (auto& view : out) view.resize(signal.size());
    ViewStates first;
    ViewStates second;
    for (std::size_t i = 0; i < signal.size(); ++i) {
        Views once;
        Views twice;
        step(section, first, Views{} + static_cast<double>(signal[i]), once);
        step(section, second, __builtin_convertvector(__builtin_convertvector(once, Rounded), Views), twice);
        for (std::size_t k = 0; k < kViews; ++k) out[k][i] = static_cast<float>(twice[k]);
    }
    return out;
}

}  // namespace upbeat
