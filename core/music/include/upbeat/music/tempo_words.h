#pragma once

#include <optional>
#include <string>
#include <string_view>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// What the tempo does from a bar on, in the words of who writes the page: "80 %" (of the page's tempo, at once),
/// "70 % over 2 bars" (gradually), "held 2" (its end, by beats; "held 0" lets go). Nothing where these are other words;
/// else the page with it, or what is wrong. A change takes the place of those that stand in its bars.
[[nodiscard]] std::optional<Result<Exercise>> withTempoWords(const Exercise& exercise, int bar, std::string_view words);

/// What the tempo does at a bar, as it stands over the page: "80 %", "to 70 %", "held 2", several side by side. Empty
/// where nothing changes.
[[nodiscard]] std::string tempoMarkOf(const Exercise& exercise, int bar);

}  // namespace upbeat
