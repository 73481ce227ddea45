#pragma once

#include <array>

#include "upbeat/music/meter.h"

namespace upbeat {

/// The meters that are offered; others can be written in files.
inline constexpr std::array kMeters{Meter{2, 4}, Meter{3, 4}, Meter{4, 4}, Meter{5, 4}, Meter{2, 2},
                                    Meter{6, 8}, Meter{7, 8}, Meter{9, 8}, Meter{12, 8}};

}  // namespace upbeat
