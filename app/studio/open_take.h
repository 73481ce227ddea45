#pragma once

#include "studio/take_view.h"
#include "upbeat/logbook/take_archive.h"

namespace upbeat {

/// A take of the log with the verdict of its day.
struct OpenedTake {
    TakePtr take;
    bool isNewest = false;  ///< Of its exercise.
};

/// Reads and measures it: not for the interface thread. With `today` it is judged by this profile and by the ladder as
/// it now is.
[[nodiscard]] Result<OpenedTake> openTake(const TakeArchive& archive, const DataFolder& folder, qint64 id,
                                          const std::optional<Profile>& today = {});

}  // namespace upbeat
