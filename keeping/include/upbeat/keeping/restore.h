#pragma once

#include <string>
#include <vector>

#include "upbeat/keeping/backup.h"

namespace upbeat {

/// What a restore did.
struct Restored {
    BackupFacts facts;
    std::vector<std::string> setAside;  ///< What stood in its place, by its new name: nothing is overwritten.
    std::vector<std::string> absent;    ///< Recordings whose sound is neither in the backup nor in the folder.
};

/// Puts everything of a backup into a folder, which may hold other things: what would be overwritten is set aside under
/// a name with the time, takes that are not in the backup are offered at the next start. All of the backup is unpacked
/// and proven before anything is changed, and the logbook comes last: whenever it is cut short the folder is whole, and
/// doing it again finishes it. Settings are put where there are none; empty: they are left out.
[[nodiscard]] Result<Restored> restoreAll(const std::filesystem::path& backup, const DataFolder& folder,
                                          const std::filesystem::path& settingsFile = {});

/// Puts the logbook of a backup where there is none: for one that was damaged and set aside. Takes that were played
/// since are offered and come back from their recordings.
[[nodiscard]] Result<BackupFacts> restoreLogbook(const std::filesystem::path& backup, const DataFolder& folder);

}  // namespace upbeat
