#pragma once

#include <optional>
#include <string>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// "beat 2", "the a of 2", "the e of 3 in bar 2" for a written stroke of the exercise.
[[nodiscard]] std::string placeInWords(const Exercise& exercise, int stroke);

/// "left ghost", "right accent", "bass drum": how a drummer names the stroke.
[[nodiscard]] std::string strokeInWords(const Exercise& exercise, int stroke);

/// The beat around a stroke: what to loop when that stroke is the trouble.
[[nodiscard]] Span beatAround(const Exercise& exercise, int stroke);

}  // namespace upbeat
