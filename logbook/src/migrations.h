#pragma once

#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// Version of the schema this program writes; stored in SQLite's user_version.
[[nodiscard]] int newestSchema();

/// Brings the logbook up to date, one migration per transaction.
[[nodiscard]] Result<void> migrate(const Logbook& logbook);

}  // namespace upbeat
