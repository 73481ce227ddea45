// Takes as one file that somebody else opens.
#include "upbeat/report/html_report.h"

#include <fmt/format.h>

#include <memory>

#include "in_folder.h"
#include "upbeat/keeping/report_takes.h"
#include "upbeat/logbook/console_host.h"

namespace upbeat::cli {

namespace {

struct ReportOptions {
    std::string data;
    std::string out;
    LogWish which;
    std::vector<long long> takes;
    ReportWish wish;
    bool withoutSound = false;
    bool withoutDates = false;
    bool withoutNotes = false;
};

Exit report(const ReportOptions& o) {
    constexpr std::size_t kMost = 200;
    const ConsoleHost host;
    if (const Exit bad = checkWish(o.which); bad != Exit::Measured) return bad;
    const auto folder = DataFolder::openToRead(o.data);
    if (!folder) return complain(folder.error(), Exit::Unreadable);
    const auto takes = takesToReport(*folder, o.which, o.takes, !o.withoutSound);
    if (!takes) return complain(takes.error(), Exit::Unreadable);
    if (takes->empty()) return noSuchTake(o.data);
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
    return deliver(o.out, *page);
}

}  // namespace

void addReport(CLI::App& app, std::function<Exit()>& chosen) {
    const auto options = std::make_shared<ReportOptions>();
    CLI::App* command = app.add_subcommand("report", "Write takes of the log as one HTML file that anybody can open");
    command->add_option("--out", options->out, "The HTML file; - is standard output")->required();
    command->add_option("--take", options->takes, "Takes by their numbers in the log");
    addWish(*command, options->which);
    command->add_option("--name", options->wish.player, "Who played; else nobody is named");
    command->add_flag("--without-sound", options->withoutSound, "Leave the sound out");
    command->add_flag("--without-dates", options->withoutDates, "Leave out when it was played");
    command->add_flag("--without-notes", options->withoutNotes, "Leave out the notes on the takes");
    runInFolder(*command, options, chosen, report);
}

}  // namespace upbeat::cli
