#pragma once

#include <QDate>
#include <vector>

#include "upbeat/keeping/backup.h"

namespace upbeat {

/// The backups that the program makes by itself: without sound, one a day in the folder "backups", of which the last
/// seven days and one of each of four weeks stay. Nothing is done where there is one of `today`.
[[nodiscard]] Result<void> backUpDaily(const DataFolder& folder, const std::filesystem::path& settingsFile,
                                       const QDate& today);
/// Which of the days that have a backup may go.
[[nodiscard]] std::vector<QDate> superfluousOn(const QDate& today, std::vector<QDate> days);
/// The newest of them; empty where there is none.
[[nodiscard]] std::filesystem::path newestDaily(const DataFolder& folder);

}  // namespace upbeat
