#pragma once

#include <vector>

#include "upbeat/ladder/evidence.h"
#include "upbeat/ladder/verdict.h"

namespace upbeat {

/// Who the take is judged for: profile, ladder and what was played before on it.
struct CoachPlan {
    Profile profile;
    Ladder ladder;
    std::vector<RungTake> history;  ///< Oldest first, this take not among them.
};

/// Everything known about a take after it was played.
struct TakeAnalysis {
    MatchedTake matched;
    Measures measures;
    std::vector<Gate> gates;             ///< Of this take alone.
    std::vector<GateEvidence> evidence;  ///< With the takes before it on the rung: what the verdict speaks of.
    int takesTogether = 1;               ///< So many takes, this one included.
    std::vector<Finding> findings;
    Verdict verdict;

    [[nodiscard]] bool clean() const { return isClean(gates); }
};

/// Puts the gates of the analysis together with those of the takes before it on the rung.
void poolGates(TakeAnalysis& analysis, const std::vector<RungTake>& history);

/// From what was heard of a take to the verdict. Pure: the same sounds give the same analysis.
[[nodiscard]] TakeAnalysis analyzeTake(const Exercise& exercise, const TakeFrame& frame, const HeardTake& heard,
                                       const CoachPlan& plan);

/// Bars that were played in a recording of unknown length: up to the last firm hit, a closing stroke on the first beat
/// of the next bar not counted. 0 when nothing was played after the first beat.
[[nodiscard]] int barsPlayed(const Exercise& exercise, double tempoBpm, double firstBeatS,
                             const std::vector<Hit>& hits);

/// The bars of a take of unknown length, once it was laid against its page: in a take with sounds that are no strokes
/// (MatchedTake::pale) the bars at its end that hold less than half of the sure strokes that its bars usually do were
/// not played, somebody only spoke.
[[nodiscard]] int barsPlayed(const MatchedTake& take);

[[nodiscard]] Measures measure(const MatchedTake& take);

/// The ladder of an exercise as its tempo plan says.
[[nodiscard]] Ladder ladderOf(const Exercise& exercise);

}  // namespace upbeat
