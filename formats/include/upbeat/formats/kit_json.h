#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "upbeat/units/error.h"
#include "upbeat/voices/taught_kit.h"

namespace upbeat {

/// A taught kit as a file (docs/formats/kit.md): every stroke with its level and the band energies around it.
[[nodiscard]] std::string toJson(const TaughtKit& kit);
[[nodiscard]] Result<TaughtKit> kitFromJson(std::string_view text, const std::string& where);
[[nodiscard]] Result<TaughtKit> readKit(const std::filesystem::path& path);

}  // namespace upbeat
