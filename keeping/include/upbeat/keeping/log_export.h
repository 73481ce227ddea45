#pragma once

#include <string>

#include "upbeat/logbook/data_folder.h"

namespace upbeat {

/// What of the log is wanted.
struct LogWish {
    std::string fromDay;  ///< ISO 8601 dates, both included; empty: no bound.
    std::string toDay;
    std::string exerciseId;  ///< Empty: all.
};

enum class LogTable { Takes, Hits, Gates };

/// A line for every take, hit or gate, oldest take first, with a line of names above; RFC 4180. Hits are laid against
/// their page anew, as the program does when a take is opened. Gives how many takes it is as `takes`.
[[nodiscard]] Result<std::string> logAsCsv(const DataFolder& folder, const LogWish& wish, LogTable table, int& takes);
/// The takes with their figures, gates and verdicts.
[[nodiscard]] Result<std::string> logAsJson(const DataFolder& folder, const LogWish& wish, int& takes);

}  // namespace upbeat
