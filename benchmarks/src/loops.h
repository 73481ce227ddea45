#pragma once

#include "table.h"

namespace upbeat::bench {

/// Round trips measured in simulated rooms, from loud to faint.
[[nodiscard]] Table roundTripTable();
/// What is said of the way round of simulated takes into which the click leaks, some with a jump in the middle.
[[nodiscard]] Table loopTable();

}  // namespace upbeat::bench
