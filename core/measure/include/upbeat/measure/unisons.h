#pragma once

#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// Two voices that are written together, where each is heard on its own.
struct Unison {
    Voice voice = Voice::Snare;
    Voice against = Voice::Kick;
    Figure behindMs;  ///< Onset of `voice` minus that of `against`, median; plus: `voice` comes later.
    Figure apartMs;   ///< Distance of the two onsets whichever comes first, median.
};

/// One entry for every pair of voices that is struck together at least three times in the take. Only hits whose voice
/// is known (MIDI) can be told apart; on one microphone a unison is one sound and nothing is given.
[[nodiscard]] std::vector<Unison> measureUnisons(const MatchedTake& take);

}  // namespace upbeat
