#pragma once

#include <string_view>

namespace upbeat::library {

// The built-in exercises of one family each, as text (see grid_text.h), separated by empty lines; every exercise begins
// with its id.
[[nodiscard]] std::string_view basics();
[[nodiscard]] std::string_view rudiments();
[[nodiscard]] std::string_view ornaments();
[[nodiscard]] std::string_view rolls();
[[nodiscard]] std::string_view control();
[[nodiscard]] std::string_view timing();
[[nodiscard]] std::string_view grooves();
[[nodiscard]] std::string_view fills();
[[nodiscard]] std::string_view independence();

}  // namespace upbeat::library
