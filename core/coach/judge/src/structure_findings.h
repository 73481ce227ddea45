#pragma once

#include <vector>

#include "upbeat/judge/findings.h"

namespace upbeat {

/// Faults that belong to a figure rather than to a count: runs of accents, a crescendo, a dynamic, a roll, voices that
/// do not fall together, a lost place.
[[nodiscard]] std::vector<Finding> findStructureFaults(const MatchedTake& take, const Measures& measures);

/// Whether a figure is at least `least` in size and its interval, stretched because many things are tested at once,
/// keeps it apart from nothing.
[[nodiscard]] bool isBeyondDoubt(const Figure& figure, double least);

/// What a listener notices: 6 ms for steps under 240 ms, 2.5 % of the step above (Friberg & Sundberg 1995).
[[nodiscard]] double noticeableMs(double stepMs);

}  // namespace upbeat
