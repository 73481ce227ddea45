#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// The click, or the page, comes back behind bars without it.
struct Return {
    enum class Way {
        Drift,  ///< The pulse moved little by little,
        Jump,   ///< or most of it from one beat to the next.
        Hidden  ///< It cannot be told: small, or nothing written is heard on the way.
    };

    int bar = 1;         ///< Of the take, from 1: the first one with it again.
    int barsAway = 1;    ///< Bars without it; 0: a part of a bar that asks only for a number of notes.
    bool free = false;   ///< Nothing is written there; the click may go on.
    double landsMs = 0;  ///< The first stroke there, against the last bar before; minus is early.
    Way way = Way::Hidden;
};

/// How a player keeps the time by himself.
struct Returns {
    std::vector<Return> all;
    std::optional<Figure> landsMs;  ///< Mean: whether he runs ahead or falls behind.
    std::optional<Figure> offMs;    ///< Mean distance: how far off he is.
};

/// Bars in which the click is silent (SilentBars) or which are free as a whole, and spans that ask for a number of
/// notes (FreeSpan), and where the first stroke behind them lies. That stroke was struck before anything could be heard to correct it by. Nothing where there are none.
[[nodiscard]] std::optional<Returns> measureReturns(const MatchedTake& take);

}  // namespace upbeat
