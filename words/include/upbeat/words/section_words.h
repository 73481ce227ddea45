#pragma once

#include "upbeat/measure/sections_played.h"
#include "upbeat/units/text.h"

namespace upbeat::words {

/// "fill: the pulse is 14 ms early (±3); behind it you are back." Without its full stop; empty for what
/// the others differ from, and where nothing can be told from the section before it: less than 3 ms, less than 1 dB, an
/// interval that holds no difference.
[[nodiscard]] Text contextOf(const SectionPlayed& played);

}  // namespace upbeat::words
