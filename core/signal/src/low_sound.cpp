#include "upbeat/signal/low_sound.h"

#include "wide.h"

namespace upbeat {

namespace {

using Four [[gnu::vector_size(4 * sizeof(double))]] = double;

inline void load(Four& four, const std::array<double, 4>& from) {
    std::memcpy(&four, from.data(), sizeof four);
}

}  // namespace

double LowSound::step(States& z, double x) const {
    const Biquad& s = m_section;
    for (std::size_t pass = 0; pass < kStates; pass += 2) {
        const double y = s.b0 * x + z[pass];
        z[pass] = s.b1 * x + z[pass + 1] - s.a1 * y;
        z[pass + 1] = s.b2 * x - s.a2 * y;
        x = y;
    }
    return x;
}

LowSound::Effect LowSound::effectOf(std::size_t samples) const {
    Effect effect;
    for (std::size_t at = 0; at < samples; ++at) {
        States z{};
        for (std::size_t i = at; i < samples; ++i) step(z, i == at ? 1 : 0);
        effect.ofSample.push_back(z);
    }
    for (std::size_t k = 0; k < kStates; ++k) {
        States z{};
        z[k] = 1;
        for (std::size_t i = 0; i < samples; ++i) step(z, 0);
        effect.ofState[k] = z;
    }
    return effect;
}

UPBEAT_WIDE double LowSound::process(std::span<const float> stretch) {
    const std::size_t length = stretch.size();
    if (m_effects.size() <= length) m_effects.resize(length + 1);
    if (m_effects[length].ofSample.empty()) m_effects[length] = effectOf(length);
    const Effect& effect = m_effects[length];
    States untouched = m_state;
    const double first = step(untouched, static_cast<double>(stretch.front()));
    // Two sums, so that neither waits for the other.
    std::array<Four, 2> sums{};
    Four column;
    for (std::size_t k = 0; k < kStates; ++k) load(column, effect.ofState[k]), sums[k % 2] += column * m_state[k];
    for (std::size_t i = 0; i < length; ++i)
        load(column, effect.ofSample[i]), sums[i % 2] += column * static_cast<double>(stretch[i]);
    const Four state = sums[0] + sums[1];
    std::memcpy(m_state.data(), &state, sizeof state);
    return first;
}

}  // namespace upbeat
