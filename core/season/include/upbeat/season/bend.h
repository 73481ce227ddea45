#pragma once

#include <optional>
#include <vector>

#include "upbeat/measure/statistics.h"

namespace upbeat {

/// A figure of one take at its tempo.
struct AtTempo {
    double tempoBpm = 0;
    double value = 0;
    double weight = 1;
};

/// Up to a tempo a figure stays, from there on it goes.
struct Bend {
    Figure bpm;        ///< Where, with its 95 % interval.
    double slope = 0;  ///< From there on, per bpm.
};

/// Whether a level that turns into a line fits the figures so much better than a straight line (which is the same with
/// its turn before all takes) that chance does not explain it, and where it turns: the tempo is sought on a grid
/// (Hinkley 1971), the gain must exceed what the best of all places gives by chance (a supremum, Andrews 1993; the
/// bound is simulated), single wild takes weigh little (Huber 1964). At least twelve takes at five tempos.
[[nodiscard]] std::optional<Bend> bendOf(const std::vector<AtTempo>& figures);

}  // namespace upbeat
