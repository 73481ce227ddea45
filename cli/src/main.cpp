// upbeat-check-cli: the program's operations without a display.
#include <fmt/format.h>

#include <csignal>
#include <cstdio>
#include <system_error>

#include "commands.h"
#include "own_stderr.h"
#include "upbeat/formats/atomic_file.h"

namespace upbeat::cli {

Exit complain(const Error& error, Exit status) {
    OwnStderr::line("upbeat-check-cli: " + error.sentence());
    return status;
}

Result<void> printAll(std::string_view text) {
    const bool all = std::fwrite(text.data(), 1, text.size(), stdout) == text.size();
    if (!all || std::fflush(stdout) != 0)
        return fail(UPBEAT_TEXT("writing it failed"), "standard output",
                    UPBEAT_TEXT("free some space or read it to the end"));
    return {};
}

Result<void> writeOrPrint(const std::string& target, std::string_view text) {
    return target == "-" ? printAll(text) : writeFileAtomically(target, text);
}

Exit deliver(const std::string& target, std::string_view text) {
    const auto written = writeOrPrint(target, text);
    return written ? Exit::Measured : complain(written.error(), Exit::Unreadable);
}

namespace {

/// Runs what was chosen; what it printed must have arrived.
Exit run(const std::function<Exit()>& chosen) {
    const OwnStderr quiet;
    try {
        const Exit status = chosen();
        if (const auto printed = printAll({}); !printed) return complain(printed.error(), Exit::Unreadable);
        return status;
    } catch (const std::system_error&) {  // fmt::print
        return complain({"writing it failed", "standard output", "free some space or read it to the end"},
                        Exit::Unreadable);
    } catch (const std::exception& error) {
        constexpr auto kBug = static_cast<Exit>(1);
        return complain({fmt::format("this should not have happened ({})", error.what()), {}, "please report it"},
                        kBug);
    }
}

}  // namespace

}  // namespace upbeat::cli

int main(int argc, char** argv) {
    using upbeat::cli::Exit;
    std::signal(SIGPIPE, SIG_IGN);  // a reader that leaves is a write that fails, not the end
    CLI::App app{"Measures a drummer's practice takes against the click."};
    app.require_subcommand(1);
    std::function<Exit()> chosen;
    upbeat::cli::addAnalyze(app, chosen);
    upbeat::cli::addSimulate(app, chosen);
    upbeat::cli::addClimb(app, chosen);
    upbeat::cli::addTeach(app, chosen);
    upbeat::cli::addConvert(app, chosen);
    upbeat::cli::addList(app, chosen);
    upbeat::cli::addPlan(app, chosen);
    upbeat::cli::addDevices(app, chosen);
    upbeat::cli::addRecord(app, chosen);
    upbeat::cli::addLog(app, chosen);
    upbeat::cli::addReport(app, chosen);
    upbeat::cli::addKeeping(app, chosen);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        if (error.get_exit_code() == 0) return app.exit(error);
        return static_cast<int>(complain({error.what(), {}, "see --help"}, Exit::BadArguments));
    }
    return static_cast<int>(upbeat::cli::run(chosen));
}
