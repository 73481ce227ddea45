#pragma once

#include <cstddef>
#include <optional>
#include <string_view>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// Level of a dynamic mark in dB against the accent, from ppp -28 to ffff 4 in steps of 4; nothing for other words.
[[nodiscard]] std::optional<double> levelOfDynamic(std::string_view mark);
/// The nearest mark.
[[nodiscard]] std::string_view dynamicOfLevel(double db);

/// Index of the swell that says how loud a place is: the one that began last. A crescendo or diminuendo reaches its
/// end, a dynamic stops before it.
[[nodiscard]] std::optional<std::size_t> swellAt(const Exercise& exercise, const Beats& at);

/// The level a swell asks for there, in dB against the accent; nothing where strokes are loud by their class.
[[nodiscard]] std::optional<double> writtenDb(const Exercise& exercise, const Beats& at);

}  // namespace upbeat
