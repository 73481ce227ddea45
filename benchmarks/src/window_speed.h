#pragma once

#include "table.h"

namespace upbeat::bench {

/// Repaint of the field with 5,000 strokes, and the whole window through a ten-minute take: time from the last bar to
/// the verdict, and the most memory the process ever held. Needs a QApplication (offscreen will do). Run it before
/// anything that holds a take in memory.
[[nodiscard]] Table windowTable();

}  // namespace upbeat::bench
