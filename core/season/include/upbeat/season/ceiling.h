#pragma once

#include <optional>
#include <vector>

#include "upbeat/measure/statistics.h"

namespace upbeat {

/// One take of an exercise at a tempo, as the past of it is looked at: drills and stages are pasts of their own.
struct PastTake {
    double tempoBpm = 0;
    double daysAgo = 0;
    double clean = 0;  ///< 1 clean, 0 something was missed, 0.5 nothing was, but it is not sure that all was met.
};

/// The chance of a clean take at a tempo, with its 80 % interval; 0 to 1.
struct ChanceAt {
    double tempoBpm = 0;
    double chance = 0;
    double low = 0;
    double high = 0;
};

/// How the chance of a clean take falls with the tempo.
struct Ceiling {
    Figure bpm;                     ///< Where a clean take is an even chance, with its 80 % interval.
    std::optional<double> easyBpm;  ///< Up to where it is nine in ten; none where that is slower than half the ceiling.
    std::vector<ChanceAt> curve;    ///< In order of tempo.
    bool isBracketed = false;       ///< Clean takes below it and others above it: else it is mostly a guess.
};

/// From all takes of a page: a falling logistic curve over the tempo with a small share of accidents at either end,
/// its two parameters weighed on a grid (Bayes; Treutwein 1995 for thresholds of listeners). A take weighs half after
/// ten days. Nothing for fewer than four takes.
[[nodiscard]] std::optional<Ceiling> ceilingOf(const std::vector<PastTake>& takes);

}  // namespace upbeat
