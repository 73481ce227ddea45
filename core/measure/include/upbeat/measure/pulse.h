#pragma once

#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// The pulse where the page goes from one subdivision to another: how much longer (plus) or shorter than the click's
/// the beat before the change, the beat across it and the beat after it are, in ms.
struct PulseChange {
    int stroke = 0;         ///< The stroke on the beat with which the new subdivision begins.
    int strokesBefore = 0;  ///< Strokes in a beat before and after the change.
    int strokesAfter = 0;
    Figure beforeMs;
    Figure acrossMs;  ///< The first beat of the new subdivision.
    Figure afterMs;
};

/// One entry for every place in the phrase where neighbouring beats hold a different number of strokes and all four
/// beats around it begin with a stroke. Beats of which an end was missed do not count.
[[nodiscard]] std::vector<PulseChange> measurePulse(const MatchedTake& take);

}  // namespace upbeat
