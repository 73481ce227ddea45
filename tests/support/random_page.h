#pragma once

#include <cstdint>

#include "upbeat/music/exercise.h"

namespace upbeat::test {

/// A playable exercise made of dice: any meter, mixed subdivisions, voices, levels, ornaments, swells and words. The
/// same seed gives the same page.
[[nodiscard]] Exercise randomPage(std::uint64_t seed);

}  // namespace upbeat::test
