#pragma once

#include <vector>

#include "upbeat/align/events.h"
#include "upbeat/align/match.h"

namespace upbeat {

/// A stroke that was not heard, but could not have been heard behind what it is written together with (Hit::hides),
/// shares that sound: nobody can say that it was missed. Gives the events that do.
[[nodiscard]] std::vector<bool> shareHidden(const std::vector<PageEvent>& events, const std::vector<Hit>& hits,
                                            Assignment& found);

}  // namespace upbeat
