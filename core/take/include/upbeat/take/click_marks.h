#pragma once

#include <limits>
#include <vector>

#include "upbeat/music/click_plan.h"
#include "upbeat/signal/click_canceller.h"

namespace upbeat {

/// The clicks of a recording from `firstBeatS` (beat 1 of bar 1) to `endS`, and those of the count-in before it, back
/// to the start of the recording but at most four bars. In the count-in nobody plays, and neither from `stopsS` on.
[[nodiscard]] std::vector<ClickMark> clickMarks(ClickPlan plan, double firstBeatS, double endS,
                                                double stopsS = std::numeric_limits<double>::infinity());

}  // namespace upbeat
