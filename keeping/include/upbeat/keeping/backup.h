#pragma once

#include <filesystem>
#include <functional>
#include <string>

#include "upbeat/logbook/data_folder.h"

namespace upbeat {

// A backup is one zip file with everything of one player; docs/formats/backup.md describes it.

/// What a backup says of itself.
struct BackupFacts {
    std::string madeAt;        ///< ISO 8601, local time.
    int schema = 0;            ///< Of the logbook in it.
    int takes = 0;             ///< Rows of the logbook.
    int recordings = 0;        ///< Of them, those whose sound is in it.
    std::uintmax_t bytes = 0;  ///< Of all files, unpacked.
    bool withSound = true;     ///< False: sound was left out, so that it is small enough to be made every day.
};

struct BackupWish {
    std::filesystem::path target;
    std::filesystem::path settingsFile{};  ///< Empty: settings are left out.
    bool withSound = true;
    std::function<bool(double share)> goesOn{};  ///< Told 0 to 1; false stops it.
};

/// Copies the logbook as it is at one moment, the takes in it, exercises, kits and settings to one file. Safe while a
/// take runs or another program writes: a take that is not in the logbook yet is not in the backup either. Nothing is
/// under the target's name before all of it is there.
[[nodiscard]] Result<BackupFacts> backUp(const DataFolder& folder, const BackupWish& wish);

/// What a backup says of itself; what is in it is not read.
[[nodiscard]] Result<BackupFacts> factsOf(const std::filesystem::path& backup);

}  // namespace upbeat
