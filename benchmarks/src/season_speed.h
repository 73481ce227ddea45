#pragma once

#include "table.h"

namespace upbeat::bench {

/// How fast Prepare with its plan, Climb with its curve and the log come to the front over a player's own season: 60
/// days of twelve takes. Needs a QApplication (offscreen will do).
[[nodiscard]] Table seasonOpenTable();

}  // namespace upbeat::bench
