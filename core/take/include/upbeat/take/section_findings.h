#pragma once

#include "upbeat/take/analyze_take.h"

namespace upbeat {

/// The findings of a take of a piece, section by section, worst first: what is found in one section only is said of it;
/// what half of them show is said of the whole, once. `whole`: as found without looking at sections. Of a page without
/// sections they are the same.
[[nodiscard]] std::vector<Finding> findBySections(const MatchedTake& take, const Profile& profile,
                                                  std::vector<Finding> whole);

}  // namespace upbeat
