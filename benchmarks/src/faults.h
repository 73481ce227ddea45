#pragma once

#include "table.h"

namespace upbeat::bench {

/// Players with one to three planted faults of all kinds, and players with none: what is said of them.
struct FaultScore {
    int planted = 0;
    int named = 0;
    int said = 0;         ///< Sentences about faulty players.
    int falselySaid = 0;  ///< Of them, those that name nothing that was planted.
    int faultyPlayers = 0;
    int firstRight = 0;  ///< Players of whom the first sentence names a fault.
    int cleanPlayers = 0;
    int cleanAccused = 0;  ///< Clean players of whom something was said.
};

[[nodiscard]] FaultScore scoreFaults(int faultyPlayers, int cleanPlayers);

/// The whole score, and by kind of fault how many were named.
[[nodiscard]] Table faultTable(int faultyPlayers, int cleanPlayers);

}  // namespace upbeat::bench
