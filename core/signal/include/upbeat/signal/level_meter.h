#pragma once

#include <span>

namespace upbeat {

/// Peak of a block in dBFS, -120 for silence: what the input meter shows.
[[nodiscard]] double peakDb(std::span<const float> block);

}  // namespace upbeat
