// Backups, and whether what is kept is whole.
#include <fmt/format.h>

#include <memory>
#include <nlohmann/json.hpp>

#include "in_folder.h"
#include "upbeat/keeping/inspect.h"
#include "upbeat/keeping/merge.h"
#include "upbeat/keeping/restore.h"
#include "upbeat/logbook/console_host.h"

namespace upbeat::cli {

namespace {

struct KeepOptions {
    std::string data;
    std::string file;
    std::string settings;
    std::string exercise;
    std::string json;
    bool withoutSound = false;
    bool merge = false;
    bool quick = false;
};

Exit tell(const std::string& target, const nlohmann::json& said, const std::string& sentence) {
    if (target.empty()) {
        fmt::print("{}\n", sentence);
        return Exit::Measured;
    }
    const auto text = said.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
    return deliver(target, text);
}

nlohmann::json toJson(const BackupFacts& facts) {
    return {{"made_at", facts.madeAt},        {"schema", facts.schema},        {"takes", facts.takes},
            {"recordings", facts.recordings}, {"with_sound", facts.withSound}, {"bytes", facts.bytes}};
}

Exit backup(const KeepOptions& o) {
    const ConsoleHost host;
    const auto folder = DataFolder::openToRead(o.data);
    if (!folder) return complain(folder.error(), Exit::Unreadable);
    const auto made = backUp(*folder, {o.file, o.settings, !o.withoutSound, {}});
    if (!made) return complain(made.error(), Exit::Unreadable);
    return tell(o.json, toJson(*made),
                fmt::format("{}: {} takes, {} recordings, {:.1f} MB", o.file, made->takes, made->recordings,
                            static_cast<double>(made->bytes) / 1e6));
}

Exit bringIn(const KeepOptions& o, const DataFolder& folder) {
    const auto merged = merge(o.file, folder, o.exercise);
    if (!merged) return complain(merged.error(), Exit::Unreadable);
    return tell(o.json, {{"takes", merged->takes}, {"known", merged->known}, {"ladders", merged->exercises}},
                fmt::format("{} takes came, {} were here already", merged->takes, merged->known));
}

Exit restore(const KeepOptions& o) {
    const ConsoleHost host;
    // Before a folder is made for it.
    if (const auto facts = factsOf(o.file); !facts) return complain(facts.error(), Exit::Unreadable);
    const auto folder = DataFolder::open(o.data);
    if (!folder) return complain(folder.error(), Exit::Unreadable);
    if (o.merge || !o.exercise.empty()) return bringIn(o, *folder);
    const auto done = restoreAll(o.file, *folder, o.settings);
    if (!done) return complain(done.error(), Exit::Unreadable);
    nlohmann::json said = toJson(done->facts);
    said["set_aside"] = done->setAside;
    said["absent"] = done->absent;
    std::string sentence = fmt::format("{} takes are back", done->facts.takes);
    if (!done->absent.empty()) sentence += fmt::format("; the sound of {} is not there", done->absent.size());
    for (const std::string& file : done->setAside) sentence += "\nset aside: " + file;
    return tell(o.json, said, sentence);
}

Exit check(const KeepOptions& o) {
    const ConsoleHost host;
    const auto folder = DataFolder::openToRead(o.data);
    if (!folder) return complain(folder.error(), Exit::Unreadable);
    const Inspection found = inspect(*folder, !o.quick);
    std::vector<std::string> troubles;
    troubles.reserve(found.troubles.size());
    for (const Error& trouble : found.troubles) troubles.push_back(trouble.sentence());
    std::string sentence = fmt::format("{} takes, {} recordings: ", found.takes, found.recordings);
    sentence += troubles.empty() ? "all is whole" : fmt::format("{}\n{}", troubles.size(), fmt::join(troubles, "\n"));
    const Exit told =
        tell(o.json, {{"takes", found.takes}, {"recordings", found.recordings}, {"troubles", troubles}}, sentence);
    return told == Exit::Measured && !troubles.empty() ? Exit::Unreadable : told;
}

/// A command about the player's folder.
CLI::App* addCommand(CLI::App& app, std::function<Exit()>& chosen, const char* name, const char* about,
                     const std::shared_ptr<KeepOptions>& options, Exit (*run)(const KeepOptions&)) {
    CLI::App* command = app.add_subcommand(name, about);
    command->add_option("--json", options->json, "Write what was done there; - is standard output");
    runInFolder(*command, options, chosen, run);
    return command;
}

}  // namespace

void addKeeping(CLI::App& app, std::function<Exit()>& chosen) {
    const auto backupOptions = std::make_shared<KeepOptions>();
    CLI::App* make =
        addCommand(app, chosen, "backup", "Copy logbook, takes, exercises and kits to one file", backupOptions, backup);
    make->add_option("--out", backupOptions->file, "The zip file")->required();
    make->add_option("--settings", backupOptions->settings, "Settings file to take along");
    make->add_flag("--without-sound", backupOptions->withoutSound, "Leave the recordings out");
    const auto restoreOptions = std::make_shared<KeepOptions>();
    CLI::App* bring = addCommand(app, chosen, "restore", "Bring a backup back; what stands in its place is set aside",
                                 restoreOptions, restore);
    bring->add_option("file", restoreOptions->file, "The backup")->required();
    bring->add_option("--settings", restoreOptions->settings, "Settings file to write where there is none");
    bring->add_option("--exercise", restoreOptions->exercise, "Only the takes of this exercise, beside those there");
    bring->add_flag("--merge", restoreOptions->merge, "Only the takes that are not there, beside those there");
    const auto checkOptions = std::make_shared<KeepOptions>();
    CLI::App* look = addCommand(app, chosen, "check", "Whether logbook and recordings are whole", checkOptions, check);
    look->add_flag("--quick", checkOptions->quick, "Do not read the sound of the recordings");
}

}  // namespace upbeat::cli
