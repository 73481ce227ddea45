#pragma once

#include <array>
#include <optional>
#include <string_view>
#include <utility>
#include <vector>

#include "upbeat/judge/measures.h"

namespace upbeat {

/// The main figures of a take by the names under which logbooks keep them ("spread_ms", docs/formats/logbook.md); those
/// that it has.
[[nodiscard]] std::vector<std::pair<const char*, Figure>> mainFigures(const Measures& measures);

/// What is looked at as it gets faster.
enum class SeasonMeasure { Spread, Ghosts, Accents, Swing, LeftHand, Placement, Grace };
inline constexpr int kSeasonMeasures = 7;

/// The main figure that it is.
[[nodiscard]] const char* figureOf(SeasonMeasure measure);
[[nodiscard]] std::string_view unitOf(SeasonMeasure measure);

}  // namespace upbeat
