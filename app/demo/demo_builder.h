#pragma once

#include <QDate>
#include <atomic>
#include <functional>
#include <optional>
#include <string>

#include "demo/scenario.h"
#include "upbeat/logbook/data_folder.h"

namespace upbeat {

/// How far the demo has come.
struct DemoProgress {
    int done = 0;
    int total = 0;
    std::string exerciseId;        ///< Of the take that arrived.
    bool exerciseIsWhole = false;  ///< It was the last of its exercise.
};

/// Where the demo is built.
struct DemoSite {
    DataFolder folder;  ///< May be in use meanwhile.
    QDate today;
};

/// Plays the scenario through the real analysis: the simulated player records take after take, each is measured, the
/// verdict sets the next tempo, and everything goes into the logbook as if it had been played on its day. What is there
/// already is not made again, so that a demo that was stopped half way is completed by a second call with the same day.
/// The exercise that is shown first comes first. `arrived` is called from worker threads; `stop` ends early. Gives the
/// number of takes that are there.
[[nodiscard]] Result<int> buildDemo(const Scenario& scenario, const DemoSite& site,
                                    const std::function<void(const DemoProgress&)>& arrived,
                                    const std::atomic<bool>& stop);

/// The day an unfinished demo in the folder was begun; none where the demo is whole or was never begun.
[[nodiscard]] std::optional<QDate> unfinishedDemo(const DataFolder& folder);

/// Removes what a demo that was stopped left half written. Before anything of the folder is offered to the player.
void tidyDemo(const Scenario& scenario, const DemoSite& site);

}  // namespace upbeat
