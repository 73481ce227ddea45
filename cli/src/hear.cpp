#include "hear.h"

#include <fmt/format.h>

#include <cmath>

namespace upbeat::cli {

Result<HeardFile> hear(const TakeOptions& options, const Exercise& exercise) {
    return hearFile(options.take, clickFor(exercise, Bpm(options.tempo)), options.firstBeat);
}

void TakeOptions::addFilesTo(CLI::App& command, const std::string& takeHelp, const std::string& patternHelp) {
    command.add_option("--take", take, takeHelp)->required();
    command.add_option("--pattern", pattern, patternHelp)->required();
}

void TakeOptions::addTo(CLI::App& command, const std::string& takeHelp, const std::string& patternHelp) {
    addFilesTo(command, takeHelp, patternHelp);
    command.add_option("--tempo", tempo, "Beats per minute")->required();
    command.add_option("--first-beat", firstBeat, "Time of beat 1 of bar 1 in the take, seconds");
}

std::optional<Error> TakeOptions::wrong() const {
    if (!(tempo >= kSlowestTempo && tempo <= kFastestTempo))
        return Error{Text::with(UPBEAT_TEXT("a tempo of %1 is out of range"), fmt::format("{:g}", tempo)),
                     {},
                     UPBEAT_TEXT("use --tempo 30 to 300")};
    if (!std::isfinite(firstBeat) || firstBeat < 0)
        return Error{UPBEAT_TEXT("the first beat lies before the take"), {}, UPBEAT_TEXT("use --first-beat 0 or more")};
    return std::nullopt;
}

}  // namespace upbeat::cli
