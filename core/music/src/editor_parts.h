#pragma once

#include <vector>

#include "upbeat/music/bars.h"

namespace upbeat {

// What both halves of the editor use.
/// Steps of every beat: as its strokes divide it, and where they do not as the beat before.
[[nodiscard]] std::vector<int> divisionsOf(const Exercise& exercise);
/// Whether every stroke of the beat stands on one of its steps.
[[nodiscard]] bool fits(const Exercise& exercise, const CountedBeat& beat, int steps);
[[nodiscard]] bool isInside(const Stroke& stroke, const FreeSpan& span);

}  // namespace upbeat
