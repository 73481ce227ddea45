#pragma once

#include <filesystem>

#include "upbeat/units/error.h"

namespace upbeat {

/// Makes a FLAC file readable that was never closed: its head says it holds no samples. The head is corrected in a
/// copy, the copy decoded to where it breaks off, and what could be read written to `whole`. The broken file is left as
/// it is. Gives the seconds saved.
[[nodiscard]] Result<double> recoverFlac(const std::filesystem::path& broken, const std::filesystem::path& whole);

}  // namespace upbeat
