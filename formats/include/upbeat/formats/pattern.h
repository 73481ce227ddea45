#pragma once

#include <filesystem>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// Reads a pattern of any kind the program knows: an exercise file or a Standard MIDI File, told apart by content.
[[nodiscard]] Result<Exercise> readPattern(const std::filesystem::path& path);

/// The same, but the id of a built-in exercise is accepted as well.
[[nodiscard]] Result<Exercise> patternByNameOrFile(const std::string& nameOrPath);

}  // namespace upbeat
