// The log as a table.
#include <memory>

#include "in_folder.h"
#include "upbeat/keeping/export_takes.h"
#include "upbeat/logbook/console_host.h"

namespace upbeat::cli {

namespace {

struct LogOptions {
    std::string data;
    LogWish wish;
    std::string table = "takes";
    std::string csv = "-";
    std::string json;
    std::string files;
};

constexpr std::array<const char*, 3> kTables{"takes", "hits", "gates"};

Exit log(const LogOptions& o) {
    const ConsoleHost host;
    const auto table = std::find(kTables.begin(), kTables.end(), o.table);
    if (table == kTables.end())
        return complain({"there is no table called " + o.table, {}, "use --table takes, hits or gates"},
                        Exit::BadArguments);
    if (const Exit bad = checkWish(o.wish); bad != Exit::Measured) return bad;
    const auto folder = DataFolder::openToRead(o.data);
    if (!folder) return complain(folder.error(), Exit::Unreadable);
    int takes = 0;
    if (!o.files.empty()) {
        const auto written = exportTakes(*folder, o.wish, o.files);
        if (!written) return complain(written.error(), Exit::Unreadable);
        return written->takes == 0 ? noSuchTake(o.data) : Exit::Measured;
    }
    const bool wantsJson = !o.json.empty();
    const auto text = wantsJson ? logAsJson(*folder, o.wish, takes)
                                : logAsCsv(*folder, o.wish, static_cast<LogTable>(table - kTables.begin()), takes);
    if (!text) return complain(text.error(), Exit::Unreadable);
    if (takes == 0) return noSuchTake(o.data);
    return deliver(wantsJson ? o.json : o.csv, *text);
}

}  // namespace

void addLog(CLI::App& app, std::function<Exit()>& chosen) {
    const auto options = std::make_shared<LogOptions>();
    CLI::App* command = app.add_subcommand("log", "Write the takes of the log as a table");
    addWish(*command, options->wish);
    command->add_option("--table", options->table, "takes (with their figures), hits or gates");
    const auto csv = command->add_option("--csv", options->csv, "Write it there; - is standard output, as without it");
    command->add_option("--json", options->json, "The takes with figures, gates and verdicts instead")->excludes(csv);
    command->add_option("--files", options->files, "Each take as sound, CSV, MIDI, MusicXML and JSON into this folder")
        ->excludes(csv);
    runInFolder(*command, options, chosen, log);
}

}  // namespace upbeat::cli
