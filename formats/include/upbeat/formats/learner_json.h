#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "upbeat/climb/climb.h"

namespace upbeat {

/// A simulated learner, format "upbeat-check/learner" (docs/formats/learner.md).
[[nodiscard]] std::string toJson(const Learner& learner);
[[nodiscard]] Result<Learner> learnerFromJson(std::string_view text, const std::string& where);
[[nodiscard]] Result<Learner> readLearner(const std::filesystem::path& path);

/// What a learner played and what was decided, take by take (docs/formats/learner.md). Verdicts are said about `page`.
[[nodiscard]] std::string climbToJson(const ClimbRun& run, const Exercise& page);

}  // namespace upbeat
