// upbeat-check-cli: the program's operations without a display.
#include <fmt/format.h>

#include <cstdio>

#include "commands.h"

namespace upbeat::cli {

Exit complain(const Error& error, Exit status) {
    fmt::print(stderr, "upbeat-check-cli: {}\n", error.sentence());
    return status;
}

}  // namespace upbeat::cli

int main(int argc, char** argv) {
    using upbeat::cli::Exit;
    CLI::App app{"Measures a drummer's practice takes against the click."};
    app.require_subcommand(1);
    std::function<Exit()> chosen;
    upbeat::cli::addAnalyze(app, chosen);
    upbeat::cli::addSimulate(app, chosen);
    upbeat::cli::addTeach(app, chosen);
    upbeat::cli::addConvert(app, chosen);
    upbeat::cli::addList(app, chosen);
    try {
        app.parse(argc, argv);
    } catch (const CLI::ParseError& error) {
        if (error.get_exit_code() == 0) return app.exit(error);
        fmt::print(stderr, "upbeat-check-cli: {}; see --help.\n", error.what());
        return static_cast<int>(Exit::BadArguments);
    }
    try {
        return static_cast<int>(chosen());
    } catch (const std::exception& error) {
        fmt::print(stderr, "upbeat-check-cli: this should not have happened ({}); please report it.\n", error.what());
        return 1;
    }
}
