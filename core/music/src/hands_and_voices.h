#pragma once

#include "upbeat/music/exercise.h"

namespace upbeat {

/// The limb itself for feet.
[[nodiscard]] Limb otherHand(Limb limb);
[[nodiscard]] bool isCymbal(Voice voice);
[[nodiscard]] bool isDrumOfHands(const Stroke& s);

}  // namespace upbeat
