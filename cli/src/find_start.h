#pragma once

#include <CLI/CLI.hpp>
#include <optional>
#include <string>

#include "upbeat/take/start.h"
#include "upbeat/units/error.h"

namespace upbeat::cli {

/// Tempo and beat 1 as they are asked for: numbers, or to be found.
struct AskedStart {
    StartKnown known;
    std::optional<double> tempoBpm;

    [[nodiscard]] bool isKnown() const { return tempoBpm && known.firstBeatS; }
};

/// `--tempo BPM|auto`, `--tempo-range LO-HI`, `--first-beat S|auto`. Without a first beat it is 0, or found where the
/// tempo is found.
struct StartOptions {
    std::string tempo;
    std::string range;
    std::string firstBeat;

    void addTo(CLI::App& command);
    [[nodiscard]] Result<AskedStart> read() const;
};

}  // namespace upbeat::cli
