#pragma once

#include <string_view>
#include <vector>

#include "upbeat/take/remark.h"
#include "upbeat/units/error.h"

namespace upbeat {

inline constexpr std::size_t kMostRemarks = 500;
inline constexpr std::size_t kLongestRemark = 2000;

/// Reads what a report saved, "format": "upbeat-check/answer", or the same as it stands in a letter; docs/formats/
/// report.md describes it. Texts are cut to what a remark may hold and cleaned of what cannot be shown.
[[nodiscard]] Result<std::vector<Answer>> answersFromJson(std::string_view text, const std::string& where);

}  // namespace upbeat
