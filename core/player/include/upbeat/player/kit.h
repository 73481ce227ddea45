#pragma once

#include <array>
#include <cstdint>
#include <vector>

#include "upbeat/music/stroke.h"

namespace upbeat {

/// One ringing mode of a drum or a cymbal.
struct Partial {
    double hz = 200;
    double gain = 1;
    double decayS = 0.2;  ///< Time constant.
    double attackS = 0.0005;
};

/// A burst of filtered noise: stick, wires, cymbal wash.
struct Burst {
    double lowHz = 1000;
    double highHz = 8000;
    double gain = 1;
    double decayS = 0.05;
    double attackS = 0.0003;
    double delayS = 0;  ///< Snare wires speak a little after the head.
};

/// What one voice is made of.
struct Recipe {
    std::vector<Partial> partials;
    std::vector<Burst> bursts;
};

/// A set of synthesised voices. Every kit has its own tunings, decays and mixtures, drawn from its seed.
struct Kit {
    std::array<Recipe, kVoiceCount> recipes;

    [[nodiscard]] const Recipe& recipe(Voice voice) const { return recipes.at(static_cast<std::size_t>(voice)); }
};

[[nodiscard]] Kit makeKit(std::uint64_t seed);

/// The same kit made as hard to hear as real ones can be: snares whose stick is faint and whose wires speak 6 to 22 ms
/// later, a bass drum that rises slowly and whose beater bounces, drums and cymbals that ring over the next strokes.
[[nodiscard]] Kit makeHardKit(std::uint64_t seed);

}  // namespace upbeat
