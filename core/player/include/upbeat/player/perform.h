#pragma once

#include <cstdint>
#include <vector>

#include "upbeat/music/page.h"
#include "upbeat/player/character.h"

namespace upbeat {

/// One stroke the simulated player means to play.
struct PlayedHit {
    double timeS = 0;    ///< Seconds after beat 1 of bar 1.
    double levelDb = 0;  ///< dBFS, 5 ms RMS.
    Voice voice = Voice::Pad;
    Limb limb = Limb::RightHand;
    Level level = Level::Tap;
    Role role = Role::Main;
    int pass = 1;
    int stroke = -1;   ///< Index into Exercise::strokes; -1 for a stroke nobody wrote.
    double gridS = 0;  ///< Where the page has it, swung as the page asks.
};

struct Performance {
    std::vector<PlayedHit> hits;        ///< In order of time.
    std::vector<PlayedHit> bounces;     ///< Of closed rolls, in order of time: they sound, but they are not strokes.
    std::vector<WrittenStroke> missed;  ///< Main strokes left out.
};

/// Plays the exercise. The same seed gives the same hits on every machine.
[[nodiscard]] Performance perform(const Exercise& exercise, Bpm tempo, int passes, const Character& character,
                                  std::uint64_t seed);

}  // namespace upbeat
