#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// Two voices that are written together.
struct Unison {
    Voice voice = Voice::Snare;
    Voice against = Voice::Kick;
    Figure apartMs;  ///< Distance of the two onsets whichever comes first, median.
    /// Onset of `voice` minus that of `against`, median; plus: `voice` comes later. Nothing where it cannot be told of
    /// most of them which of two sounds is whose.
    std::optional<Figure> behindMs{};
};

/// One entry for every pair of voices that was heard apart at least three times in the take: by MIDI, by a taught kit,
/// or because they sounded as two. Where one microphone heard one sound, they were within some 8 ms of one another:
/// that counts as no distance, and a median of 0 says "mostly together".
[[nodiscard]] std::vector<Unison> measureUnisons(const MatchedTake& take);

}  // namespace upbeat
