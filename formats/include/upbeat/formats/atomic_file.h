#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "upbeat/units/error.h"

namespace upbeat {

/// Writes the whole text to a temporary file beside `path`, flushes it to disk and renames it into place: after any
/// failure the old file is untouched and no temporary file is left. What is no plain file is never replaced: a link is
/// followed, and a device or a pipe takes the text as it is.
[[nodiscard]] Result<void> writeFileAtomically(const std::filesystem::path& path, std::string_view text);

/// Whether a name is one that writeFileAtomically gives a file for a moment: a crash may leave it.
[[nodiscard]] bool isTemporaryName(const std::string& name);

/// The plain file that writing to `path` makes or replaces, links followed. An error where a device, a pipe or a folder
/// stands there.
[[nodiscard]] Result<std::filesystem::path> plainFileBehind(const std::filesystem::path& path);

/// Waits until what was renamed or written under a path is on the disk; what the file system cannot promise is not
/// waited for.
void syncToDisk(const std::filesystem::path& path);

/// Reads a whole file of at most `largestBytes`. Memory grows with the file, not with the limit.
[[nodiscard]] Result<std::string> readFile(const std::filesystem::path& path, std::size_t largestBytes = 16U << 20U);

}  // namespace upbeat
