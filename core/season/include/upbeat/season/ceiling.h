#pragma once

#include <optional>
#include <vector>

#include "upbeat/season/ceiling_filter.h"

namespace upbeat {

/// One take of an exercise at a tempo, as the past of it is looked at: drills and stages are pasts of their own.
struct PastTake {
    double tempoBpm = 0;
    int daysAgo = 0;
    double clean = 0;  ///< 1 clean, 0 something was missed, 0.5 nothing was, but it is not sure that all was met.
};

/// How the chance of a clean take falls with the tempo.
struct Ceiling {
    Figure bpm;                     ///< Where a clean take is an even chance, with its 80 % interval.
    std::optional<double> easyBpm;  ///< Up to where it is nine in ten; none where that is slower than half the ceiling.
    std::vector<ChanceAt> curve;    ///< In order of tempo.
    bool isBracketed = false;       ///< Clean takes below it and others above it: else it is mostly a guess.
};

/// From the last takes of a page, oldest first, as it is today: see CeilingFilter. Nothing for fewer than four takes.
[[nodiscard]] std::optional<Ceiling> ceilingOf(const std::vector<PastTake>& takes);
/// The same, where the filter has heard them already.
[[nodiscard]] std::optional<Ceiling> ceilingOf(const std::vector<PastTake>& takes, const CeilingFilter& filter);

/// A filter that has heard these takes, oldest first, and the nights since the last one; of many takes only the last
/// three hundred.
[[nodiscard]] CeilingFilter filterOf(const std::vector<PastTake>& takes);

}  // namespace upbeat
