#pragma once

#include <cstddef>
#include <span>

#include "upbeat/player/perform.h"

namespace upbeat {

/// When the sound of a hit is stopped by hand or foot, in seconds after the hit: an open or loose hi-hat rings until it
/// is closed by the next closed or foot stroke, which is how its length is written. Infinity for what rings out. The
/// hits are in order of time.
[[nodiscard]] double ringS(std::span<const PlayedHit> hits, std::size_t index);

/// How loud a sound is that was stopped, against its ringing on: 1 before, 0 a few milliseconds behind.
[[nodiscard]] double dampedGain(double sinceHitS, double ringS);

}  // namespace upbeat
