#pragma once

#include <vector>

#include "upbeat/judge/findings.h"

namespace upbeat {

/// What the causes of a take say: one sentence for each that a player can notice.
[[nodiscard]] std::vector<Finding> findCauses(const MatchedTake& take, const Measures& measures,
                                              const Profile& profile);

}  // namespace upbeat
