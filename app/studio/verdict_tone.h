#pragma once

#include "upbeat/ladder/verdict.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// The verdict as a sound, for a player whose hands are busy: rising for up, level for again, falling for back.
[[nodiscard]] Sound verdictTone(Action action, int sampleRate);

}  // namespace upbeat
