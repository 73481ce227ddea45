#pragma once

#include <filesystem>
#include <string>
#include <string_view>

#include "upbeat/judge/limits.h"

namespace upbeat {

/// A set of limits that can be passed on, format "upbeat-check/limits" (docs/formats/limits.md).
[[nodiscard]] std::string toJson(const LimitSet& limits);
/// An error where a gate is not known or a limit out of its range.
[[nodiscard]] Result<LimitSet> limitSetFromJson(std::string_view text, const std::string& where);
[[nodiscard]] Result<LimitSet> readLimits(const std::filesystem::path& path);
[[nodiscard]] Result<void> writeLimits(const std::filesystem::path& path, const LimitSet& limits);

/// The limits of one take in a line, as the logbook and the sidecar keep them: {"spread": 8}. Empty for none.
[[nodiscard]] std::string toJson(const OwnLimits& limits);
/// What of it is sound: a take is not lost over a limit that nobody knows.
[[nodiscard]] OwnLimits ownLimitsFromJson(std::string_view text);

}  // namespace upbeat
