#pragma once

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// Some bars of a take of a piece as the take of those bars alone that they are (barsOf): the passes of a section
/// follow one another, bar `from` is its bar 1. `from` and `to` are bars of the page, both included.
[[nodiscard]] MatchedTake takeWithin(const MatchedTake& take, int from, int to);

/// How many seconds later a pass of these bars stands in the take than in takeWithin.
[[nodiscard]] double laterInTakeS(const MatchedTake& take, int from, int to, int pass);

}  // namespace upbeat
