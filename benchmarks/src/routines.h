#pragma once

#include "table.h"

namespace upbeat::bench {

/// Sixty days of twenty minutes and twelve exercises, by the plan and in equal shares: what of the goals is clean in
/// the end, and what was left lying.
[[nodiscard]] Table planTable(int players);

/// How long a plan takes for very many exercises and days.
[[nodiscard]] Table planSpeedTable();

}  // namespace upbeat::bench
