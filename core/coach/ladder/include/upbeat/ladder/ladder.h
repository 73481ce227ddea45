#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "upbeat/judge/gates.h"

namespace upbeat {

/// Which rung follows a clean one.
enum class LadderRule {
    Step,              ///< The next one, a fixed step above.
    Percent,           ///< The next one, so many percent above.
    TwoUpOneBack,      ///< The one after the next, then one back to make it easy, then two again.
    Bisect,            ///< Half way to the slowest missed one, or to the goal; from a missed one half way back.
    HardestSpotFirst,  ///< The next one, where the hardest spot is made clean alone before the whole is played.
    LessClick,         ///< The next one, but only when this one holds with less and less click (see click_plan.h).
};
inline constexpr int kLadderRules = 6;
/// "step", "percent", "two-up-one-back", "bisect", "hardest-spot-first", "less-click".
[[nodiscard]] std::string_view toName(LadderRule rule);
[[nodiscard]] std::optional<LadderRule> ladderRuleFromName(std::string_view name);

/// The rungs of one exercise: from the start tempo to the goal.
struct Ladder {
    double startBpm = 60;
    double goalBpm = 100;
    double stepBpm = 4;
    int cleanNeeded = 3;  ///< Clean takes in a row before the next rung.
    bool stage = false;   ///< One tempo, part of a method: up and back are the next part and the one before.
    LadderRule rule = LadderRule::Step;
    double stepPercent = 5;  ///< Of the rule `Percent`, 1 to 25.
    bool byMinutes = false;  ///< Minutes lead up, not clean takes; a verdict may still lead back.

    friend bool operator==(const Ladder&, const Ladder&) = default;

    /// Tempos from the bottom up; the last is the goal even where the step does not reach it evenly.
    [[nodiscard]] std::vector<double> rungs() const;
    [[nodiscard]] double above(double tempoBpm) const;
    [[nodiscard]] double below(double tempoBpm) const;
};

inline constexpr int kMostCleanNeeded = 5;
inline constexpr double kLargestStepPercent = 25;
inline constexpr double kSameTempo = 0.01;  ///< bpm: tempos nearer to one another are one rung.

/// What the ladder remembers of a take.
struct RungTake {
    double tempoBpm = 0;
    bool clean = false;
    std::optional<GateKind> missed{};  ///< The gate that was missed most clearly, where one was.
    std::vector<Gate> gates{};         ///< What was measured; empty for takes from before it was kept.
    int daysAgo = 0;                   ///< Days between it and the take that is judged.
    bool leftAfter = false;            ///< Its verdict led away from the rung: what came before it is another matter.
};

/// Where a clean rung leads by the ladder's rule: above it, but with TwoUpOneBack one below it after two up. `before`:
/// the takes before this one, oldest first. A rung that was missed when it was last played is not passed over.
[[nodiscard]] double rungAfterClean(const Ladder& ladder, double tempoBpm, const std::vector<RungTake>& before);
/// Where a missed rung leads: below it; `tempoBpm` itself at the foot of the ladder.
[[nodiscard]] double rungAfterMissed(const Ladder& ladder, double tempoBpm, const std::vector<RungTake>& before);

/// Whether every gate is met.
[[nodiscard]] bool isClean(const std::vector<Gate>& gates);

/// How far a measured value lies beyond its limit, as a ratio: above 1 where it is missed.
[[nodiscard]] double excess(const Gate& gate);

/// The missed gate that lies furthest beyond its limit.
[[nodiscard]] std::optional<Gate> worstMissed(const std::vector<Gate>& gates);

}  // namespace upbeat
