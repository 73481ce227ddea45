#pragma once

#include <cstdint>
#include <vector>

#include "table.h"

namespace upbeat::bench {

/// Strokes written together and played 0 to 40 ms apart, on one microphone without a lesson: how often both are heard,
/// how true their distance is, and how often one sound is taken for two. On kits of these seeds.
[[nodiscard]] Table unisonTable(const std::vector<std::uint64_t>& seeds);

}  // namespace upbeat::bench
