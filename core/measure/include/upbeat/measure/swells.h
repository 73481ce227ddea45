#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// A written crescendo or diminuendo as it was played, over all passes.
struct SwellPlayed {
    int swell = 0;     ///< Index into Exercise::swells.
    Figure dbPerBeat;  ///< Slope of the levels.
    Figure startDb;    ///< At its start, against the take's accent median; dBFS where no accent is written.
    Figure endDb;
    double writtenDbPerBeat = 0;
    double largestStepBackDb = 0;  ///< Largest step of the mean levels against the direction; 0 when there is none.
    double fit = 0;                ///< r squared of the straight line through the mean levels.
};

/// The crescendos and diminuendos of the page.
[[nodiscard]] std::vector<SwellPlayed> measureSwells(const MatchedTake& take);

/// A written dynamic as it was played.
struct DynamicPlayed {
    int swell = 0;   ///< Index into Exercise::swells.
    Figure levelDb;  ///< Mean level against 0 dB of the page.
    double writtenDb = 0;
};

/// The written dynamics of the page. 0 dB is the median accent outside swells; where there is none, the levels of all
/// dynamics are taken together, so that each is compared with the others. Empty where there is nothing to compare with.
[[nodiscard]] std::vector<DynamicPlayed> measureDynamics(const MatchedTake& take);

/// Levels of accents that follow one another on one hand: do they stay as strong?
struct AccentRun {
    int stroke = 0;      ///< The first accent.
    int length = 0;      ///< Accents in a row, at least 3.
    Figure dbPerStroke;  ///< Slope; minus: the run fades.
};

[[nodiscard]] std::vector<AccentRun> measureAccentRuns(const MatchedTake& take);

}  // namespace upbeat
