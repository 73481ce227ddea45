#pragma once

#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// Version of the schema this program writes; stored in SQLite's user_version.
[[nodiscard]] int newestSchema();

/// Nothing when this program knows the schema. Reads only.
[[nodiscard]] Result<void> checkNotNewer(const Logbook& logbook);
[[nodiscard]] Error newerLogbook(const std::filesystem::path& file);

/// Nothing when the logbook has all that this program reads: who only reads cannot bring it up to date.
[[nodiscard]] Result<void> checkNotOlder(const Logbook& logbook);

/// Brings the logbook up to date, one migration per transaction.
[[nodiscard]] Result<void> migrate(const Logbook& logbook);

}  // namespace upbeat
