#include <fmt/format.h>

#include <algorithm>
#include <memory>
#include <nlohmann/json.hpp>

#include "commands.h"
#include "upbeat/music/library.h"

namespace upbeat::cli {

namespace {

struct ListOptions {
    std::string tag;
    std::string json;
};

nlohmann::json entry(const Exercise& e) {
    return {{"id", e.id},
            {"title", e.title},
            {"tempos", {{"start", e.tempo.start}, {"goal", e.tempo.goal}, {"step", e.tempo.step}}},
            {"tags", e.tags}};
}

Exit list(const ListOptions& options) {
    std::vector<Exercise> chosen;
    for (const Exercise& e : builtInExercises())
        if (options.tag.empty() || std::find(e.tags.begin(), e.tags.end(), options.tag) != e.tags.end())
            chosen.push_back(e);
    if (options.json.empty()) {
        for (const Exercise& e : chosen)
            fmt::print("{}\t{}\t{:g}-{:g}\t{}\n", e.id, e.title, e.tempo.start, e.tempo.goal, fmt::join(e.tags, ", "));
        return Exit::Measured;
    }
    nlohmann::json entries = nlohmann::json::array();
    for (const Exercise& e : chosen) entries.push_back(entry(e));
    return deliver(options.json, entries.dump(1) + "\n");
}

}  // namespace

void addList(CLI::App& app, std::function<Exit()>& chosen) {
    CLI::App* command = app.add_subcommand("list", "Name the built-in exercises: id, title, tempos, tags");
    const auto options = std::make_shared<ListOptions>();
    command->add_option("--tag", options->tag, "Only those with this tag: rudiment, rolls, control, groove ...");
    command->add_option("--json", options->json, "Write the list there; - is standard output");
    command->callback([&chosen, options] { chosen = [options] { return list(*options); }; });
}

}  // namespace upbeat::cli
