#pragma once

#include "table.h"

class QString;

namespace upbeat::bench {

/// How long a process of its own takes from its start to a window that takes keys, and what it holds when nothing
/// happens.
[[nodiscard]] Table openingTable();

/// What that process does: opens the window over the folder, says so, rests and tells its memory. The exit status.
[[nodiscard]] int openAndRest(const QString& folder);

}  // namespace upbeat::bench
