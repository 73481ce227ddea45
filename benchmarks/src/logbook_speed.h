#pragma once

#include "table.h"

namespace upbeat::bench {

/// What the window asks of a logbook of 200 takes and of one of 20,000: the first page of the log, its days and totals,
/// the history of an exercise, its fastest clean takes, the spread of all its takes. In ms, the median of several.
[[nodiscard]] Table logbookTable();

}  // namespace upbeat::bench
