#pragma once

#include <vector>

#include "upbeat/units/error.h"

namespace upbeat {

/// How much later than a microphone an electronic kit says when it was struck.
struct PadTiming {
    double behindS = 0;      ///< Note minus sound: negative where the note comes first.
    double uncertainMs = 0;  ///< Half of the 95 % interval.
    int strokes = 0;         ///< That both have told.
};

inline constexpr int kTimingStrokes = 12;

/// From single strokes that the microphone hears, too, both in seconds of one clock: the median of note minus sound.
/// Accepted with at least ten strokes of which both tell, within a robust spread of 3 ms; else the error says what to
/// do. `mostS`: neither is further behind.
[[nodiscard]] Result<PadTiming> padTiming(const std::vector<double>& notesS, const std::vector<double>& soundsS,
                                          double mostS = 0.12);

}  // namespace upbeat
