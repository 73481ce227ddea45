#pragma once

#include <optional>
#include <string_view>
#include <variant>
#include <vector>

#include "upbeat/judge/findings.h"
#include "upbeat/ladder/ladder.h"
#include "upbeat/music/click_plan.h"

namespace upbeat {

enum class Action { Up, Again, Back, Isolate, Easier };

[[nodiscard]] std::string_view toName(Action action);
[[nodiscard]] std::optional<Action> actionFromName(std::string_view name);
/// Whether it ends the stay on a rung: what is played there later is judged anew.
[[nodiscard]] constexpr bool leadsAway(Action action) {
    return action != Action::Again;
}

// Why a verdict is what it is, one struct each.

/// Every gate is met by the takes on the rung together.
struct TakesWereClean {};
/// A gate is missed: by this take where the action is `Again`, else by the takes on the rung together.
struct GateWasMissed {
    Gate gate;
};
/// More mistakes than one stroke in eight.
struct FellApart {
    int missed = 0;
    int extra = 0;
};
/// Nothing is missed, but of this gate one cannot be sure yet.
struct GateIsUnsure {
    Gate gate;
};
struct TooLittlePlayed {};
/// So many seconds of the take did not arrive.
struct TakeWasDamaged {
    double lostS = 0;
};
/// The simulated player played it, and not in the demo.
struct PlayedByNobody {};
/// The click was measured where the player should have been.
struct ClickWasMeasured {};
/// Of a take from before logbooks kept it.
struct NotRecorded {};

using Reason = std::variant<NotRecorded, TakesWereClean, GateWasMissed, FellApart, GateIsUnsure, TooLittlePlayed,
                            TakeWasDamaged, PlayedByNobody, ClickWasMeasured>;

/// What to do next, and why; `words` says it.
struct Verdict {
    Action action = Action::Again;
    double tempoBpm = 0;  ///< Of the take.
    double nextTempoBpm = 0;
    Reason reason;
    std::optional<Span> span;  ///< What to loop, when the action is to isolate.
    int pageBars = 1;          ///< Of the page: in a page of one bar no bar is named.
    bool stage = false;        ///< Up and back are the next part and the one before.
    int cleanInARow = 0;       ///< Takes by which every gate is met, this one included; 0 where it is not.
    int cleanNeeded = 3;
    std::optional<int> takesToGo{};  ///< How many more like this one would do; none where more would not.
    bool goalReached = false;
    std::optional<SilentBars> click{};  ///< How the click goes from here on, where the verdict changes it: up and back
                                        ///< at the same tempo are less of it and more.
};

/// Whether it leads on or back at the tempo of the take, by the click; also of a verdict from the log.
[[nodiscard]] inline bool isOfClick(const Verdict& v) {
    const bool leads = v.action == Action::Up || v.action == Action::Back;
    return leads && !v.stage && !v.goalReached && v.nextTempoBpm == v.tempoBpm;
}

/// Decides from this take's gates and findings and the takes before it on the ladder (oldest first, this one not among
/// them). The evidence of the takes on the rung is pooled (evidence.h). All gates met by enough takes, the last not
/// clearly missed: on by the ladder's rule, or again where minutes lead up. A gate missed by two
/// takes and more together: isolate the place it comes from, or else back. More mistakes than one stroke in
/// eight: one rung back at once. Else again, and how many more it may take.
[[nodiscard]] Verdict decide(const MatchedTake& take, const std::vector<Gate>& gates,
                             const std::vector<Finding>& findings, const Ladder& ladder,
                             const std::vector<RungTake>& history);

/// The verdict on a take of which `lostS` seconds cannot be measured: again, whatever the rest shows.
[[nodiscard]] Verdict damagedTake(double tempoBpm, double lostS, const Ladder& ladder);

/// The verdict on a take of the simulated player: again, whatever it shows; it moves no ladder.
[[nodiscard]] Verdict simulatedTake(double tempoBpm, const Ladder& ladder);

/// The verdict on a take in which the click was measured instead of the player: again, whatever it shows.
[[nodiscard]] Verdict unmeasuredTake(double tempoBpm, const Ladder& ladder);

/// This take as the ladder will remember it.
[[nodiscard]] RungTake remember(double tempoBpm, const std::vector<Gate>& gates);

}  // namespace upbeat
