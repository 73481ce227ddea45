// The log as a table.
#include <fmt/format.h>

#include <cstdio>
#include <memory>

#include "commands.h"
#include "upbeat/keeping/log_export.h"
#include "upbeat/logbook/console_host.h"
#include "upbeat/logbook/practice_past.h"

namespace upbeat::cli {

bool isDay(const std::string& day) {
    if (day.empty()) return true;
    int year = 0, month = 0, date = 0, read = 0;
    return std::sscanf(day.c_str(), "%4d-%2d-%2d%n", &year, &month, &date, &read) == 3 && read == 10 &&
           day.size() == 10 && month >= 1 && month <= 12 && date >= 1 && date <= 31;
}

namespace {

struct Options {
    std::string data;
    LogWish wish;
    std::string table = "takes";
    std::string csv;
    std::string json;
};

constexpr std::array<const char*, 3> kTables{"takes", "hits", "gates"};

Exit log(const Options& o) {
    const ConsoleHost host;
    const auto table = std::find(kTables.begin(), kTables.end(), o.table);
    if (table == kTables.end())
        return complain({"there is no table called " + o.table, {}, "use --table takes, hits or gates"},
                        Exit::BadArguments);
    for (const std::string& day : {o.wish.fromDay, o.wish.toDay})
        if (!isDay(day)) return complain({day + " is no day", {}, "write it as 2026-03-14"}, Exit::BadArguments);
    const auto folder = DataFolder::openToRead(o.data);
    if (!folder) return complain(folder.error(), Exit::Unreadable);
    int takes = 0;
    const bool wantsJson = !o.json.empty();
    const auto text = wantsJson ? logAsJson(*folder, o.wish, takes)
                                : logAsCsv(*folder, o.wish, static_cast<LogTable>(table - kTables.begin()), takes);
    if (!text) return complain(text.error(), Exit::Unreadable);
    if (takes == 0)
        return complain({"there is no take like that", o.data, "ask for other days or another exercise"},
                        Exit::NothingToMeasure);
    const auto written = writeOrPrint(wantsJson ? o.json : o.csv, *text);
    return written ? Exit::Measured : complain(written.error(), Exit::Unreadable);
}

}  // namespace

void addLog(CLI::App& app, std::function<Exit()>& chosen) {
    const auto options = std::make_shared<Options>();
    CLI::App* command = app.add_subcommand("log", "Write the takes of the log as a table");
    command->add_option("--data", options->data, "Folder with the logbook; else the player's own");
    command->add_option("--from", options->wish.fromDay, "From this day on, as 2026-03-14");
    command->add_option("--to", options->wish.toDay, "Up to this day, itself included");
    command->add_option("--exercise", options->wish.exerciseId, "Only takes of this exercise");
    command->add_option("--table", options->table, "takes (with their figures), hits or gates");
    const auto csv = command->add_option("--csv", options->csv, "Write it there; - is standard output, as without it");
    command->add_option("--json", options->json, "The takes with figures, gates and verdicts instead")->excludes(csv);
    command->callback([options, &chosen] {
        chosen = [options] {
            if (options->data.empty()) options->data = ownDataFolder().string();
            if (options->csv.empty()) options->csv = "-";
            return log(*options);
        };
    });
}

}  // namespace upbeat::cli
