#pragma once

#include <vector>

#include "upbeat/units/sound.h"

namespace upbeat {

/// Adds a room of the given reverberation time by four parallel combs and two all-passes (Schroeder 1962). `wet` is the
/// gain of the room against the direct sound.
[[nodiscard]] Sound inRoom(Sound dry, double rt60S, double wet);

}  // namespace upbeat
