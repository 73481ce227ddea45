#pragma once

#include "table.h"

namespace upbeat::bench {

/// Players who grow, slow down, stall and forget: how often the day on which their ceiling reaches the goal lies in the
/// interval that was foretold.
[[nodiscard]] Table forecastTable(int players);

}  // namespace upbeat::bench
