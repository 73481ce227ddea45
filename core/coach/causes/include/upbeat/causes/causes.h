#pragma once

#include <optional>
#include <vector>

#include "upbeat/causes/explain.h"
#include "upbeat/measure/balance.h"
#include "upbeat/measure/groups.h"
#include "upbeat/measure/swells.h"
#include "upbeat/measure/unisons.h"

namespace upbeat {

/// What is at work in a take, and what is left of its measures once that is taken off: so that a hand that comes late
/// is not also an uneven take, and a loud ghost not also a loud hand.
struct Causes {
    Explanation offsets;
    Explanation levels;
    std::optional<Figure> spreadMs;
    std::optional<Figure> habitMs;  ///< Standard deviation of what counts lean by beyond chance.
    std::vector<Apart> apart;
    std::vector<Unison> unisons;
    Balance balance;
    std::vector<AccentRun> accentRuns;
    std::vector<SwellPlayed> swells;
    std::vector<DynamicPlayed> dynamics;
};

[[nodiscard]] Causes measureCauses(const MatchedTake& take);

}  // namespace upbeat
