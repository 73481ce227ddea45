#pragma once

#include <optional>

#include "strokes/page_levels.h"
#include "studio/setup.h"

namespace upbeat {

/// The player's own ghosts and accents through a microphone, dB against their taps: "-12 dB, 6 dB".
struct OwnLevels {
    double ghostDb = 0;
    double accentDb = 0;
};

/// None before they were played.
[[nodiscard]] std::optional<OwnLevels> ownLevelsIn(const Setup& setup);
void keepOwnLevels(Setup& setup, const OwnLevels& own);

/// The heights of the page that follow from them; the usual ones where none are known.
[[nodiscard]] PageLevels pageLevelsIn(const Setup& setup);

}  // namespace upbeat
