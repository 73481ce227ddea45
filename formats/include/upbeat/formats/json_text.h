#pragma once

#include <nlohmann/json_fwd.hpp>
#include <string>
#include <string_view>

#include "upbeat/units/error.h"

namespace upbeat {

/// Parses text; the error says line and column in plain words. Nesting deeper than 32 levels is refused.
[[nodiscard]] Result<nlohmann::json> parseJson(std::string_view text, const std::string& where);

/// A number of a file that anybody may have written, cut to a thousand million either way and to what is whole of it;
/// throws what the library throws where it is no number.
[[nodiscard]] int wholeFrom(const nlohmann::json& value);

}  // namespace upbeat
