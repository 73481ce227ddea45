#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "upbeat/units/error.h"

namespace upbeat {

/// Writes the whole text to a temporary file beside `path`, flushes it to disk and renames it into place: after any
/// failure the old file is untouched and no temporary file is left.
[[nodiscard]] Result<void> writeFileAtomically(const std::filesystem::path& path, std::string_view text);

/// Reads a whole file of at most `largestBytes`.
[[nodiscard]] Result<std::string> readFile(const std::filesystem::path& path, std::size_t largestBytes = 16U << 20U);

}  // namespace upbeat
