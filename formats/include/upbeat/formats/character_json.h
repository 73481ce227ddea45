#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "upbeat/player/character.h"

namespace upbeat {

/// A simulated player's character, format "upbeat-check/character" (docs/formats/character.md).
[[nodiscard]] std::string toJson(const Character& character);
[[nodiscard]] Result<Character> characterFromJson(std::string_view text, const std::string& where);
[[nodiscard]] Result<Character> readCharacter(const std::filesystem::path& path);

}  // namespace upbeat
