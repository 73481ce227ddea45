#include <fmt/format.h>

#include "commands.h"
#include "upbeat/music/library.h"

namespace upbeat::cli {

void addList(CLI::App& app, std::function<Exit()>& chosen) {
    CLI::App* command = app.add_subcommand("list", "Name the built-in exercises");
    command->callback([&chosen] {
        chosen = [] {
            for (const Exercise& e : builtInExercises())
                fmt::print("{}\t{}\t{:g}-{:g}\n", e.id, e.title, e.tempo.start, e.tempo.goal);
            return Exit::Measured;
        };
    });
}

}  // namespace upbeat::cli
