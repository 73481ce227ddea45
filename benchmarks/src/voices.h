#pragma once

#include "table.h"

namespace upbeat::bench {

/// One microphone over a kit, with a lesson beforehand: how many strokes are found as a sound of their own, how well
/// timed, and how many are made up. Kits are easy and hard ones that were not used in tuning.
[[nodiscard]] Table voicesTable();

}  // namespace upbeat::bench
