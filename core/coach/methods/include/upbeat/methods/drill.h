#pragma once

#include "upbeat/music/exercise.h"

namespace upbeat {

/// A trouble spot as an exercise of its own: the strokes of the span and the landing stroke after it, in a bar of the
/// same meter that loops. What remains of the bar is rest, so the spot can be met afresh each time.
[[nodiscard]] Exercise drillFor(const Exercise& exercise, const Span& span);

/// Bars `from` to `to` (from 1, both included) as an exercise of their own, round and round.
[[nodiscard]] Exercise drillOfBars(const Exercise& exercise, int from, int to);

}  // namespace upbeat
