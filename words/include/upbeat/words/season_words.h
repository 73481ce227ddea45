#pragma once

#include "upbeat/season/ceiling.h"
#include "upbeat/season/over_tempo.h"
#include "upbeat/units/text.h"

namespace upbeat::words {

/// "Spread", "Ghosts below taps", "Left hand against right".
[[nodiscard]] Text nameOf(SeasonMeasure measure);
/// "Your ghosts come up from 112 on (108 to 116)"; empty where nothing bends.
[[nodiscard]] Text bendOf(const OverTempo& over);
/// "Clean nine times in ten up to 104; half the time at 112 (109 to 115)", or that nobody can say yet.
[[nodiscard]] Text sentenceOf(const Ceiling& ceiling);

}  // namespace upbeat::words
