#pragma once

#include "table.h"

namespace upbeat::bench {

/// The pieces of the demo, played whole by simulated players to whom what happens in a piece happens.
[[nodiscard]] Table piecesTable();

}  // namespace upbeat::bench
