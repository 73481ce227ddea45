#pragma once

#include "table.h"

namespace upbeat::bench {

/// Players whose spread, ghosts, swing or left hand goes from a tempo on: whether the bend is found, and where; and
/// what is claimed of players who go nowhere.
[[nodiscard]] Table bendTable(int players);

/// Takes by players whose true ceiling is known: how often the stated interval holds it.
[[nodiscard]] Table ceilingTable(int players);

}  // namespace upbeat::bench
