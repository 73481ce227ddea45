#pragma once

#include <memory>

#include "commands.h"
#include "upbeat/keeping/log_export.h"
#include "upbeat/logbook/practice_past.h"

namespace upbeat::cli {

/// A command about a player's folder: `--data`, else the player's own. `options` have it as `data`.
template <class Options>
void runInFolder(CLI::App& command, const std::shared_ptr<Options>& options, std::function<Exit()>& chosen,
                 Exit (*run)(const Options&)) {
    command.add_option("--data", options->data, "Folder with the logbook; else the player's own");
    command.callback([options, &chosen, run] {
        chosen = [options, run] {
            if (options->data.empty()) options->data = ownDataFolder().string();
            return run(*options);
        };
    });
}

/// `--from`, `--to` and `--exercise`.
void addWish(CLI::App& command, LogWish& wish);
/// `Measured` where the days are days; else it has been said what is wrong.
[[nodiscard]] Exit checkWish(const LogWish& wish);
/// Says that no take is meant.
[[nodiscard]] Exit noSuchTake(const std::string& data);

}  // namespace upbeat::cli
