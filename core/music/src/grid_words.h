#pragma once

#include <cstdint>
#include <optional>
#include <string_view>
#include <vector>

#include "upbeat/units/voice.h"

namespace upbeat {

// Words and numbers of the text form.
[[nodiscard]] std::string_view trimmed(std::string_view text);
[[nodiscard]] std::vector<std::string_view> split(std::string_view text, std::string_view separators);
[[nodiscard]] std::optional<double> numberIn(std::string_view text);
/// A number that a bar can have, or a number of bars.
[[nodiscard]] std::optional<int> barIn(std::string_view text);
[[nodiscard]] std::optional<Voice> voiceOf(std::string_view name);
/// Steps of a word: everything that is a rest or a limb.
[[nodiscard]] std::int64_t stepsIn(std::string_view word);

}  // namespace upbeat
