#pragma once

#include <cstdint>

namespace upbeat {

inline constexpr double kWeakStrength = 3.0;
inline constexpr std::int64_t kPeakReach = 10;  // frames on each side that a peak of the novelty must overlook

}  // namespace upbeat
