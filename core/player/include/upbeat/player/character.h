#pragma once

#include <array>
#include <optional>
#include <vector>

#include "upbeat/music/stroke.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// Something the simulated player always (or often) does at a place, with a limb, on a voice or at a level. Fields left
/// empty match everything.
struct Habit {
    std::optional<Beats> at;  ///< Written position in the phrase.
    std::optional<Limb> limb;
    std::optional<Voice> voice;
    std::optional<Level> level;
    double offsetMs = 0;  ///< Added to the timing; minus is early.
    double levelDb = 0;   ///< Added to the loudness.
    double chance = 1;    ///< How often out of 1.

    friend bool operator==(const Habit&, const Habit&) = default;
};

/// How a simulated player plays: everything that makes takes differ, stated so that tests know the truth.
struct Character {
    double placementMs = 0;    ///< Constant offset against the click.
    double spreadMs = 4;       ///< Standard deviation of every stroke's own error.
    double wanderMs = 1;       ///< Standard deviation of a slow common movement.
    double driftMsPerMin = 0;  ///< Steady movement over the take.
    std::vector<Habit> habits;
    double accentDb = -14;                          ///< Level of an accent, dBFS (5 ms RMS).
    std::array<double, 3> relativeDb{-21, -12, 0};  ///< Ghost, tap, accent against the accent.
    std::array<double, 3> levelSpreadDb{1.4, 1.2, 1.0};
    double swingRatio = 0;  ///< 0: as the exercise asks.
    double graceMs = 28;    ///< Distance of a grace note before what follows it.
    double graceSpreadMs = 2.5;
    double graceDb = -14;    ///< Grace note against its main stroke.
    double bounceMs = 32;    ///< First distance between the bounces of a closed roll; they grow closer.
    double rollGapMs = 0;    ///< Silence at the end of every wrist stroke of a closed roll.
    double missChance = 0;   ///< Per written stroke.
    double extraChance = 0;  ///< Per written stroke: one more stroke somewhere after it.

    friend bool operator==(const Character&, const Character&) = default;
};

/// Nothing when every number is finite and in a playable range; otherwise which one is not.
[[nodiscard]] Result<void> check(const Character& character);

}  // namespace upbeat
