#pragma once

#include "table.h"

namespace upbeat::bench {

/// Players with one to three planted faults, and players with none: how many faults are named with the right place,
/// hand and direction, and how often something is named that nobody planted.
struct FaultScore {
    int planted = 0;  ///< Faults larger than twice the interval of their measure.
    int named = 0;
    int cleanPlayers = 0;
    int falseFindings = 0;  ///< Clean players of whom something was said.
};

[[nodiscard]] FaultScore scoreFaults(int faultyPlayers, int cleanPlayers);

[[nodiscard]] Table faultTable(int faultyPlayers, int cleanPlayers);

}  // namespace upbeat::bench
