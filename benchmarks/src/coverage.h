#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "table.h"
#include "upbeat/judge/measures.h"
#include "upbeat/player/perform.h"

namespace upbeat::bench {

/// A measure, a player for whom its true value is known, and how to read it from a take.
struct CoverageCase {
    std::string measure;
    Exercise exercise;
    double tempoBpm = 100;
    int passes = 8;
    Character character;
    double truth = 0;
    std::function<std::optional<Figure>(const Measures&)> read;
};

[[nodiscard]] std::vector<CoverageCase> coverageCases();

/// Two beats of eighths, two of triplets.
[[nodiscard]] Exercise changingSubdivision();

struct Coverage {
    int takes = 0;
    int inside = 0;        ///< The 95 % interval holds the truth.
    int without = 0;       ///< Takes in which the measure gave nothing.
    double meanError = 0;  ///< Mean of value minus truth.

    [[nodiscard]] double percent() const { return takes > 0 ? 100.0 * inside / takes : 0; }
};

/// Plays the case `takes` times with seeds of their own, from the player's hits: the interval is what is tested.
[[nodiscard]] Coverage cover(const CoverageCase& what, int takes);

[[nodiscard]] Table coverageTable(int takes);

}  // namespace upbeat::bench
