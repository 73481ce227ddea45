#pragma once

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// Whether what was taken for the strokes on the click is the click itself, louder in the recording than they are: at
/// least 12 strokes stand where the click does and scatter by less than 0.3 ms (no hand has less than two), a twentieth
/// of what the others do. Where there are few others, the click must be known to be in the recording, the scatter below
/// 0.1 ms and all of it where the click is. Never for MIDI.
[[nodiscard]] bool isClickInstead(const MatchedTake& take, bool clickIsHeard);

}  // namespace upbeat
