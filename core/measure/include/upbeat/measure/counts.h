#pragma once

#include <optional>
#include <vector>

#include "upbeat/measure/balance.h"

namespace upbeat {

/// What was played against what was written, counted.
struct Counts {
    int written = 0;  ///< Main strokes of the bars that were played.
    int played = 0;
    int missed = 0;
    int extra = 0;
    int wrongClass = 0;  ///< Louder or softer than their class by more than half the way to the next.
    std::vector<WrittenStroke> wrongVoice;  ///< Where voices are known: played on another drum than written.
    int graceMissed = 0;
    /// Per bar played: strokes heard less strokes written.
    std::vector<int> surplusByBar;
};

[[nodiscard]] Counts measureCounts(const MatchedTake& take, const Balance& balance);

}  // namespace upbeat
