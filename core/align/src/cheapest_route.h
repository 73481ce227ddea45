#pragma once

#include "upbeat/align/route.h"

namespace upbeat {

inline constexpr double kMoveCost = 30.0;      // a handful of missed strokes is likelier than a lost place
inline constexpr double kLeaveOutCost = 10.0;  // whole sections, more than to move at all

/// The cheapest way through the page by cost alone; see findRoute.
[[nodiscard]] Route cheapestRoute(std::span<const PageEvent> events, std::span<const Sounding> hits, double beatS,
                                  std::span<const double> sectionStartsS);

}  // namespace upbeat
