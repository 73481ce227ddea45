#pragma once

#include "upbeat/units/sound.h"

namespace upbeat {

/// The sound `factor` times as long at the same pitch (Rubber Band, its settings for percussion): 2 is half speed.
/// A factor outside 0.25 to 4 or an empty sound gives the sound as it is.
[[nodiscard]] Sound stretched(const Sound& sound, double factor);

}  // namespace upbeat
