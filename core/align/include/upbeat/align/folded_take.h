#pragma once

#include <optional>

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// A take whose bars repeat themselves, with its repeating bars as passes: what happens at a count again and again can
/// only be told where the count comes again. Bars that are otherwise (fills) are left out. Nothing where fewer than
/// three repeats or less than six bars in ten are alike, the meter changes or dynamics are written.
[[nodiscard]] std::optional<MatchedTake> foldedTake(const MatchedTake& take);

}  // namespace upbeat
