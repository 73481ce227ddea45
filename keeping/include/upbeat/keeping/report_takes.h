#pragma once

#include <vector>

#include "upbeat/keeping/log_export.h"
#include "upbeat/report/html_report.h"

namespace upbeat {

/// The takes of a wish with their sound, as they go into a report; measured as on their day. A recording that is not
/// there leaves its take without sound. With ids only these, whatever else is wished.
[[nodiscard]] Result<std::vector<ReportedTake>> takesToReport(const DataFolder& folder, const LogWish& wish,
                                                              const std::vector<long long>& ids, bool withSound);

}  // namespace upbeat
