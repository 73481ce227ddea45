#include <fmt/format.h>

#include <algorithm>
#include <memory>

#include "commands.h"
#include "upbeat/music/library.h"

namespace upbeat::cli {

namespace {

Exit list(const std::string& tag) {
    for (const Exercise& e : builtInExercises())
        if (tag.empty() || std::find(e.tags.begin(), e.tags.end(), tag) != e.tags.end())
            fmt::print("{}\t{}\t{:g}-{:g}\t{}\n", e.id, e.title, e.tempo.start, e.tempo.goal, fmt::join(e.tags, ", "));
    return Exit::Measured;
}

}  // namespace

void addList(CLI::App& app, std::function<Exit()>& chosen) {
    CLI::App* command = app.add_subcommand("list", "Name the built-in exercises: id, title, tempos, tags");
    const auto tag = std::make_shared<std::string>();
    command->add_option("--tag", *tag, "Only those with this tag: rudiment, rolls, control, groove ...");
    command->callback([&chosen, tag] { chosen = [tag] { return list(*tag); }; });
}

}  // namespace upbeat::cli
