#pragma once

#include <cstdint>
#include <optional>
#include <vector>

#include "upbeat/climb/learner.h"
#include "upbeat/ladder/verdict.h"
#include "upbeat/player/perform.h"
#include "upbeat/signal/hit.h"

namespace upbeat {

/// What a learner plays where he does not play the page.
enum class ClimbStage {
    Spot,  ///< The place that a verdict isolated.
};
/// "spot".
[[nodiscard]] std::string_view toName(ClimbStage stage);

struct ClimbTake {
    int number = 1;
    int day = 1;
    double tempoBpm = 0;
    std::optional<ClimbStage> stage;  ///< None: the page.
    TruthOfPlaying truth;
    Verdict verdict;                   ///< Of a spot: again, nothing is decided by it.
    std::optional<Figure> ceilingBpm;  ///< As this take and those before it tell, while it can be told.
};

struct ClimbRun {
    std::vector<ClimbTake> takes;
    double reachedBpm = 0;  ///< The fastest tempo that was left upwards, or the goal.
    double ceilingBpm = 0;  ///< Of the learner in the end.
};

struct ClimbPlan {
    Ladder ladder;
    Profile profile;
    int takes = 100;
    std::uint64_t seed = 1;
    bool rendered = false;  ///< Through sound and detector instead of from the hits.
};

/// Every stroke of a performance for itself, with its voice, as from an electronic kit.
[[nodiscard]] std::vector<Hit> hitsWithVoices(const Performance& performance, double firstBeatS);

/// Take after take as the window would: each is performed, measured and judged with the takes before it, and the next
/// step of its verdict is taken; an isolated spot is practised twice, then the page is played again. Ends at the goal.
[[nodiscard]] ClimbRun climb(const Exercise& exercise, Learner learner, const ClimbPlan& plan);

}  // namespace upbeat
