#pragma once

#include "studio/notices.h"
#include "upbeat/logbook/data_folder.h"

namespace upbeat {

/// Whether something may be kept in the folder; where not, the player is told.
[[nodiscard]] inline bool mayKeep(const DataFolder& folder, Notices& notices) {
    if (!folder.mayWrite())
        notices.say(Notices::tr("This folder is only open for reading: nothing can be kept in it."));
    return folder.mayWrite();
}

}  // namespace upbeat
