#pragma once

#include <filesystem>

#include "upbeat/units/error.h"

namespace upbeat {

/// Makes a FLAC file readable that was never closed: it is decoded frame by frame to where it breaks off, whatever its
/// head says, and what could be read is written to `whole.mend` and renamed to `whole`. The broken file is left as it
/// is and must not be either of them; what stood at `whole` stays until the new file is complete on the disk. Memory
/// does not grow with the recording. Gives the seconds saved; 0, and no file, where it broke off before the first
/// sound; an error when it is no FLAC file or the disk is full.
[[nodiscard]] Result<double> recoverFlac(const std::filesystem::path& broken, const std::filesystem::path& whole);

}  // namespace upbeat
