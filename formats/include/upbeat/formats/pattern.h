#pragma once

#include <filesystem>

#include "upbeat/formats/musicxml.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

/// A pattern of any kind the program knows, told apart by content: an exercise file, a Standard MIDI File, MusicXML
/// plain or compressed, or the text form.
[[nodiscard]] Result<Converted> importPattern(std::string_view bytes, const std::string& where);
[[nodiscard]] Result<Converted> importPattern(const std::filesystem::path& path);

/// Whether a file's ending says what kind it is to be; the error names those that can be written.
[[nodiscard]] Result<void> checkPatternName(const std::filesystem::path& path);

/// Writes the exercise as the name's ending says: .json, .mid, .musicxml or .xml, .mxl, .txt. Gives what that kind of
/// file cannot hold, one sentence each.
[[nodiscard]] Result<std::vector<std::string>> exportPattern(const std::filesystem::path& path,
                                                             const Exercise& exercise);

/// importPattern for those who only want the exercise.
[[nodiscard]] Result<Exercise> readPattern(const std::filesystem::path& path);

/// The same two, but the id of a built-in exercise is accepted as well.
[[nodiscard]] Result<Converted> importByNameOrFile(const std::string& nameOrPath);
[[nodiscard]] Result<Exercise> patternByNameOrFile(const std::string& nameOrPath);

}  // namespace upbeat
