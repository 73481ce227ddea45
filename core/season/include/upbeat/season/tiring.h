#pragma once

#include <optional>
#include <vector>

#include "upbeat/measure/statistics.h"

namespace upbeat {

/// What one take of a sitting says of who played it.
struct TakeInSitting {
    double tempoBpm = 0;
    double spreadMs = 0;
    double levelDb = 0;      ///< Mean of all matched strokes.
    double placementMs = 0;  ///< Minus is early.
};

/// How the takes at one tempo change from the first to the last: the straight line through them, with 95 % intervals.
struct Tiring {
    int takes = 0;
    Figure spreadPercent;  ///< Growth.
    Figure levelDb;
    Figure laterMs;
    bool isSofter = false;  ///< The level surely falls;
    bool isLater = false;   ///< the strokes surely come later.
};

inline constexpr std::size_t kFewestForTiring = 6;

/// From the takes of a sitting, oldest first: those at its end that were played at one tempo. Only where the strokes
/// surely grow uneven and softer or later at once; it is a figure of the takes, and says nothing about a body.
[[nodiscard]] std::optional<Tiring> tiringOf(const std::vector<TakeInSitting>& sitting);

}  // namespace upbeat
