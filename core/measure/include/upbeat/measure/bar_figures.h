#pragma once

#include <vector>

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// One bar of the page over all passes of a take.
struct BarFigure {
    int strokes = 0;  ///< That were played.
    int missed = 0;
    int extra = 0;
    double spreadMs = 0;  ///< Root mean square of the offsets about the placement of the take.
};

/// Every bar of the page: what a strip over a long piece shows at a glance.
[[nodiscard]] std::vector<BarFigure> barFigures(const MatchedTake& take);

/// Bars of the page (from 1) that stand out of the take: strokes missed or too many, or twice as spread as its median
/// bar. In order.
[[nodiscard]] std::vector<int> barsInTrouble(const std::vector<BarFigure>& bars);

}  // namespace upbeat
