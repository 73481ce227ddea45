#pragma once

#include <array>
#include <span>
#include <vector>

#include "upbeat/signal/biquad.h"

namespace upbeat {

/// A sound through the same section twice, of which only now and then a sample is wanted. What a stretch of samples
/// does to the state of the filters is linear in the samples and in the state: it is done at once, side by side,
/// instead of sample by sample, each waiting for the one before.
class LowSound {
  public:
    explicit LowSound(const Biquad& section) : m_section(section) {}

    /// Filters a stretch of at least one sample; gives what came out at its first.
    [[nodiscard]] double process(std::span<const float> stretch);

  private:
    using States = std::array<BiquadState, 2>;  // of each pass

    /// What stretches of one length do.
    struct Effect {
        std::vector<States> ofSample;
        std::array<States, 4> ofState{};
    };

    [[nodiscard]] Effect effectOf(std::size_t samples) const;
    double through(States& states, double x) const;

    Biquad m_section;
    States m_state{};
    std::vector<Effect> m_effects;  // by length; few lengths come
};

}  // namespace upbeat
