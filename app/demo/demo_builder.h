#pragma once

#include <atomic>
#include <functional>

#include "demo/scenario.h"
#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// Plays the scenario through the real analysis: the simulated player records take after take, each is measured, the
/// verdict sets the next tempo, and everything goes into the logbook as if it had been played on its day. `progress` is
/// called with 0 to 1 from worker threads; `stop` ends early with what is done so far left out.
[[nodiscard]] Result<int> buildDemo(const Scenario& scenario, const std::filesystem::path& logbookFile,
                                    const QDate& today, const std::function<void(double)>& progress,
                                    const std::atomic<bool>& stop);

}  // namespace upbeat
