#pragma once

#include "upbeat/routine/plan.h"
#include "upbeat/season/forecast.h"
#include "upbeat/units/text.h"

namespace upbeat::words {

/// "Warm-up", "Weakest", "Due".
[[nodiscard]] Text nameOf(BlockKind kind);
/// "clean at 96 nine days ago", without a full stop.
[[nodiscard]] Text reasonOf(const PlanBlock& block);
/// "Balanced", "So many minutes a line".
[[nodiscard]] Text nameOf(PlanWay way);
/// One sentence: how it goes.
[[nodiscard]] Text explained(PlanWay way);
/// "132 in 12 to 30 days, if you go on like this."
[[nodiscard]] Text sentenceOf(const Forecast& forecast, double goalBpm);

}  // namespace upbeat::words
