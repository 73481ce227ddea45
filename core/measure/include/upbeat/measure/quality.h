#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// A stroke that does not sound like the others of its voice and class.
struct OddStroke {
    WrittenStroke written;
    double timeS = 0;  ///< In the recording.
    double distanceDb = 0;
};

/// How alike the strokes of one voice and class sound: distance of each stroke's colour (its energy over the bands,
/// level taken off) from their own median, as a root mean square over the bands that matter, in dB.
struct StrokeQuality {
    Voice voice = Voice::Pad;
    Level level = Level::Tap;
    Figure distanceDb;           ///< Median.
    std::vector<OddStroke> odd;  ///< Farther than median and four robust deviations, and than 5 dB.
};

/// One entry for every voice and class with at least 8 strokes that sounded alone and clear.
[[nodiscard]] std::vector<StrokeQuality> measureQuality(const MatchedTake& take);

}  // namespace upbeat
