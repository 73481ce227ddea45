// Takes as one file that somebody else opens.
#include "upbeat/report/html_report.h"

#include <fmt/format.h>

#include <memory>

#include "commands.h"
#include "upbeat/keeping/report_takes.h"
#include "upbeat/logbook/console_host.h"
#include "upbeat/logbook/practice_past.h"

namespace upbeat::cli {

namespace {

struct Options {
    std::string data;
    std::string out;
    LogWish which;
    std::vector<long long> takes;
    ReportWish wish;
    bool withoutSound = false;
    bool withoutDates = false;
    bool withoutNotes = false;
};

Exit report(const Options& o) {
    constexpr std::size_t kMost = 200;
    const ConsoleHost host;
    for (const std::string& day : {o.which.fromDay, o.which.toDay})
        if (!isDay(day)) return complain({day + " is no day", {}, "write it as 2026-03-14"}, Exit::BadArguments);
    const auto folder = DataFolder::openToRead(o.data);
    if (!folder) return complain(folder.error(), Exit::Unreadable);
    const auto takes = takesToReport(*folder, o.which, o.takes, !o.withoutSound);
    if (!takes) return complain(takes.error(), Exit::Unreadable);
    if (takes->empty())
        return complain({"there is no take like that", o.data, "ask for other days or another exercise"},
                        Exit::NothingToMeasure);
    if (takes->size() > kMost)
        return complain({fmt::format("{} takes are too many for one report", takes->size()),
                         {},
                         "choose fewer days with --from and --to"},
                        Exit::BadArguments);
    ReportWish wish = o.wish;
    wish.withSound = !o.withoutSound;
    wish.withDates = !o.withoutDates;
    wish.withNotes = !o.withoutNotes;
    const auto page = htmlReport(*takes, wish);
    if (!page) return complain(page.error(), Exit::Unreadable);
    const auto written = writeOrPrint(o.out, *page);
    return written ? Exit::Measured : complain(written.error(), Exit::Unreadable);
}

}  // namespace

void addReport(CLI::App& app, std::function<Exit()>& chosen) {
    const auto options = std::make_shared<Options>();
    CLI::App* command = app.add_subcommand("report", "Write takes of the log as one HTML file that anybody can open");
    command->add_option("--data", options->data, "Folder with the logbook; else the player's own");
    command->add_option("--out", options->out, "The HTML file; - is standard output")->required();
    command->add_option("--take", options->takes, "Takes by their numbers in the log");
    command->add_option("--exercise", options->which.exerciseId, "Takes of this exercise");
    command->add_option("--from", options->which.fromDay, "From this day on, as 2026-03-14");
    command->add_option("--to", options->which.toDay, "Up to this day, itself included");
    command->add_option("--name", options->wish.player, "Who played; else nobody is named");
    command->add_flag("--without-sound", options->withoutSound, "Leave the sound out");
    command->add_flag("--without-dates", options->withoutDates, "Leave out when it was played");
    command->add_flag("--without-notes", options->withoutNotes, "Leave out the notes on the takes");
    command->callback([options, &chosen] {
        chosen = [options] {
            if (options->data.empty()) options->data = ownDataFolder().string();
            return report(*options);
        };
    });
}

}  // namespace upbeat::cli
