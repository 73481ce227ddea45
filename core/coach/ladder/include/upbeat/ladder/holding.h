#pragma once

#include <optional>
#include <vector>

#include "upbeat/ladder/ladder.h"

namespace upbeat {

/// The gate that costs most on a rung, take by take.
struct Holding {
    enum class Trend { NotSure, Better, Worse };

    std::vector<Gate> takes;       ///< The same gate of every take that has it, oldest first.
    int missed = 0;                ///< Takes that missed it.
    Trend trend = Trend::NotSure;  ///< Of a straight line through the takes, at 95 %; of fewer than four: not sure.
};

/// From the takes on a rung, oldest first: the gate that most of them missed, of several the one that lies furthest
/// beyond its limit. Nothing where none was missed.
[[nodiscard]] std::optional<Holding> holdingOf(const std::vector<RungTake>& onRung);

}  // namespace upbeat
