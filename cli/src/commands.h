#pragma once

#include <CLI/CLI.hpp>
#include <functional>
#include <string>
#include <string_view>

#include "upbeat/units/error.h"

namespace upbeat::cli {

/// Exit statuses of docs/formats/command-line.md.
enum class Exit : int { Measured = 0, BadArguments = 2, Unreadable = 3, NothingToMeasure = 4 };

/// Adds a subcommand; when it is chosen, `chosen` is set to what it does.
void addAnalyze(CLI::App& app, std::function<Exit()>& chosen);
void addSimulate(CLI::App& app, std::function<Exit()>& chosen);
void addClimb(CLI::App& app, std::function<Exit()>& chosen);
void addTeach(CLI::App& app, std::function<Exit()>& chosen);
void addConvert(CLI::App& app, std::function<Exit()>& chosen);
void addList(CLI::App& app, std::function<Exit()>& chosen);
void addPlan(CLI::App& app, std::function<Exit()>& chosen);
void addDevices(CLI::App& app, std::function<Exit()>& chosen);
void addRecord(CLI::App& app, std::function<Exit()>& chosen);
void addLog(CLI::App& app, std::function<Exit()>& chosen);
void addReport(CLI::App& app, std::function<Exit()>& chosen);
/// backup, restore and check.
void addKeeping(CLI::App& app, std::function<Exit()>& chosen);

/// Writes a whole text to standard output. An error when it does not take all of it.
[[nodiscard]] Result<void> printAll(std::string_view text);

/// The same into a file; "-" is standard output.
[[nodiscard]] Result<void> writeOrPrint(const std::string& target, std::string_view text);

/// The same as the end of a command: says what is wrong.
[[nodiscard]] Exit deliver(const std::string& target, std::string_view text);

/// One line on standard error.
Exit complain(const Error& error, Exit status);

}  // namespace upbeat::cli
