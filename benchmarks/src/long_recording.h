#pragma once

#include "table.h"

namespace upbeat::bench {

/// Memory of a recording that goes on for three hours, and the time it takes to take it apart.
[[nodiscard]] Table longRecordingTable();

}  // namespace upbeat::bench
