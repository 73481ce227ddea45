#pragma once

#include <span>
#include <vector>

#include "upbeat/align/route.h"

namespace upbeat {

inline constexpr double kEarlierS = 0.06;  // grace notes belong to their main stroke's beat

/// Events [from, to) that lie in one beat of the take.
[[nodiscard]] std::vector<EventRun> blocksOf(std::span<const PageEvent> events, double beatS);

}  // namespace upbeat
