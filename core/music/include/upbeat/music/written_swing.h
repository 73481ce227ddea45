#pragma once

#include <optional>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// The swing of a page that is written as it sounds, as MIDI files are: wherever something stands inside a quarter (or
/// else inside an eighth) it is one position, always at the same place between 53 and 73 or 77 and 80 % of it, and at
/// least two spans have it. Three quarters of a span are sixteenths, not swing. Nothing where the feel is swung already
/// or the page holds anything else.
[[nodiscard]] std::optional<Feel> writtenSwing(const Exercise& exercise);

/// The same page with its off-beats in the middle of their spans and `swing` as its feel.
[[nodiscard]] Exercise withSwingAsFeel(const Exercise& exercise, const Feel& swing);

}  // namespace upbeat
