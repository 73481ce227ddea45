#pragma once

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// How surely the levels of a take answer to what went before, as a sum of two standard normal deviates: each the
/// correlation (Fisher's z) of the levels with the sound of the time before, both less their medians, once within voice
/// and class, once at the same place of the page over the passes; the surest of four times of decay (0.15 to 3 s).
/// Below 0: loud makes soft, as an automatic level does. What a player does at a place again and again is in the median
/// there and does not count, and one pass alone proves nothing. 0 where there is too little, and for MIDI.
[[nodiscard]] double gainRideEvidence(const MatchedTake& take);

/// Whether the gain of the recording rides, so that no level in it can be believed.
[[nodiscard]] bool gainRides(const MatchedTake& take);

}  // namespace upbeat
