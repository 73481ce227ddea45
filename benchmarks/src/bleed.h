#pragma once

#include "table.h"

namespace upbeat::bench {

/// Clicks of -50 to -15 dBFS that leak into the microphone, 1000 of them alone and 1000 strokes that fall exactly on
/// one: what is heard that nobody played, what is not heard, and how far onsets are moved.
[[nodiscard]] Table bleedTable();

}  // namespace upbeat::bench
