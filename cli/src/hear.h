#pragma once

#include <CLI/CLI.hpp>
#include <optional>
#include <string>

#include "upbeat/formats/hear_file.h"
#include "upbeat/music/exercise.h"

namespace upbeat::cli {

/// What every command that listens is told.
struct TakeOptions {
    std::string take;
    std::string pattern;
    double tempo = 0;
    double firstBeat = 0;

    void addFilesTo(CLI::App& command, const std::string& takeHelp, const std::string& patternHelp);
    /// With tempo and first beat as numbers.
    void addTo(CLI::App& command, const std::string& takeHelp, const std::string& patternHelp);
    /// Nothing when tempo and first beat can be used; otherwise what is wrong.
    [[nodiscard]] std::optional<Error> wrong() const;
};

/// Listens to the recording, with the click of the tempo taken out; the hits of a MIDI file come with exact voices.
[[nodiscard]] Result<HeardFile> hear(const TakeOptions& options, const Exercise& exercise);

}  // namespace upbeat::cli
