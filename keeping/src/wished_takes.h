#pragma once

#include <vector>

#include "upbeat/keeping/log_export.h"
#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// The takes within a wish, oldest first; takes the two days and the exercise twice each.
inline constexpr const char* kWithinWish =
    "WHERE (? = '' OR substr(t.started_at, 1, 10) >= ?) AND (? = '' OR substr(t.started_at, 1, 10) <= ?) "
    "AND (? = '' OR t.exercise_id = ?) ORDER BY t.started_at, t.id";

[[nodiscard]] Result<std::vector<long long>> idsOf(const DataFolder& folder, const LogWish& wish);

}  // namespace upbeat
