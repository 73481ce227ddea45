#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/judge/findings.h"
#include "upbeat/ladder/ladder.h"

namespace upbeat {

enum class Action { Up, Again, Back, Isolate, Easier };

[[nodiscard]] std::string_view toName(Action action);

/// What to do next, and why, in words the player can act on.
struct Verdict {
    Action action = Action::Again;
    double nextTempoBpm = 0;
    std::string headline;      ///< "Up to 108.", "Again at 104."
    std::string reason;        ///< One sentence: gate, place, hand, figure.
    std::optional<Span> span;  ///< What to loop, when the action is to isolate.
    int cleanInARow = 0;       ///< This take included.
    int cleanNeeded = 3;
    bool goalReached = false;
};

/// Decides from this take's gates and findings and the takes before it on the ladder (oldest first, this one not among
/// them). Clean often enough: up. A miss: again. The same gate missed twice in a row on a rung: isolate the place it
/// comes from, or else one rung back. More mistakes than one stroke in eight: one rung back at once. Nothing missed but
/// a gate not sure: again, for more passes.
[[nodiscard]] Verdict decide(const MatchedTake& take, const std::vector<Gate>& gates,
                             const std::vector<Finding>& findings, const Ladder& ladder,
                             const std::vector<RungTake>& history);

/// The verdict on a take of which `lostS` seconds cannot be measured: again, whatever the rest shows.
[[nodiscard]] Verdict damagedTake(double tempoBpm, double lostS, const Ladder& ladder);

/// This take as the ladder will remember it.
[[nodiscard]] RungTake remember(double tempoBpm, const std::vector<Gate>& gates);

/// "spread 12.3 ms, limit 10": the gate's figure beside what is asked.
[[nodiscard]] std::string gateInWords(const Exercise& exercise, const Gate& gate);

}  // namespace upbeat
