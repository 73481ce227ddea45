#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// The exercises that come with the program, in the order in which they are listed.
[[nodiscard]] const std::vector<Exercise>& builtInExercises();

[[nodiscard]] std::optional<Exercise> builtInExercise(std::string_view id);

}  // namespace upbeat
