#pragma once

#include "table.h"

namespace upbeat::bench {

/// Analysis speed, time from the last bar to the verdict, and memory, measured in this process on one core.
[[nodiscard]] Table speedTable();

}  // namespace upbeat::bench
