#pragma once

#include "table.h"

namespace upbeat::bench {

/// Takes at one tempo by players whose true spread is a share of the limit: what is decided, and when.
[[nodiscard]] Table decisionTable(int playersEach);

/// Learners who climb: how often they are sent up too early, how far they come, how long one rung holds them.
[[nodiscard]] Table climbTable(int learners);

}  // namespace upbeat::bench
