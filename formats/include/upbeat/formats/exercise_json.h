#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// The program's own exercise file, schema in docs/formats/exercise.schema.json.
inline constexpr std::string_view kExerciseFormat = "upbeat-check/exercise";
inline constexpr int kExerciseVersion = 1;

[[nodiscard]] std::string toJson(const Exercise& exercise);

/// Reads and checks; `where` names the source in errors. A file of a newer version is refused, not half read.
[[nodiscard]] Result<Exercise> exerciseFromJson(std::string_view text, const std::string& where);

[[nodiscard]] Result<Exercise> readExercise(const std::filesystem::path& path);
[[nodiscard]] Result<void> writeExercise(const std::filesystem::path& path, const Exercise& exercise);

}  // namespace upbeat
