#include "upbeat/signal/low_sound.h"

#include "wide.h"

namespace upbeat {

namespace {

/// The four numbers of both states.
using Four [[gnu::vector_size(4 * sizeof(double))]] = double;

inline void loadStates(Four& four, const std::array<BiquadState, 2>& from) {
    static_assert(sizeof four == sizeof from);
    std::memcpy(&four, &from, sizeof four);
}

}  // namespace

double LowSound::through(States& states, double x) const {
    return step(m_section, states[1], step(m_section, states[0], x));
}

LowSound::Effect LowSound::effectOf(std::size_t samples) const {
    Effect effect;
    for (std::size_t at = 0; at < samples; ++at) {
        States states{};
        for (std::size_t i = at; i < samples; ++i) through(states, i == at ? 1 : 0);
        effect.ofSample.push_back(states);
    }
    for (std::size_t k = 0; k < effect.ofState.size(); ++k) {
        States states{};
        BiquadState& one = states[k / 2];
        (k % 2 == 0 ? one.z1 : one.z2) = 1;
        for (std::size_t i = 0; i < samples; ++i) through(states, 0);
        effect.ofState[k] = states;
    }
    return effect;
}

UPBEAT_WIDE double LowSound::process(std::span<const float> stretch) {
    const std::size_t length = stretch.size();
    if (m_effects.size() <= length) m_effects.resize(length + 1);
    if (m_effects[length].ofSample.empty()) m_effects[length] = effectOf(length);
    const Effect& effect = m_effects[length];
    States untouched = m_state;
    const double first = through(untouched, static_cast<double>(stretch.front()));
    // Two sums, so that neither waits for the other.
    std::array<Four, 2> sums{};
    Four column;
    Four before;
    loadStates(before, m_state);
    for (std::size_t k = 0; k < effect.ofState.size(); ++k)
        loadStates(column, effect.ofState[k]), sums[k % 2] += column * before[k];
    for (std::size_t i = 0; i < length; ++i)
        loadStates(column, effect.ofSample[i]), sums[i % 2] += column * static_cast<double>(stretch[i]);
    const Four state = sums[0] + sums[1];
    std::memcpy(static_cast<void*>(&m_state), &state, sizeof state);
    return first;
}

}  // namespace upbeat
