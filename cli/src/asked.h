#pragma once

#include <CLI/CLI.hpp>
#include <string>

#include "upbeat/judge/profile.h"
#include "upbeat/music/exercise.h"

namespace upbeat::cli {

/// What the gates ask: a built-in profile, and limits from a file instead of its own.
struct AskedOptions {
    std::string profile = "practice";
    std::string limits;

    void addTo(CLI::App& command);
    [[nodiscard]] Result<Profile> read(const Exercise& exercise) const;
};

}  // namespace upbeat::cli
