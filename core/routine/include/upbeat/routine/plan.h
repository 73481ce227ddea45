#pragma once

#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "upbeat/judge/gate_kind.h"
#include "upbeat/music/method.h"
#include "upbeat/routine/memory.h"
#include "upbeat/units/text.h"

namespace upbeat {

/// An exercise that somebody is at, and what was done with it so far.
struct ExerciseInWork {
    std::string exerciseId;
    double startBpm = 60;
    double goalBpm = 100;
    double stepBpm = 4;
    double passBeats = 0;  ///< How long one pass is, in beats of its tempo.
    std::vector<std::string> tags{};
    bool usesFeet = false;
    bool usesHands = true;
    bool isDrill = false;               ///< A spot of another one: it comes back when it is due, and only then.
    bool rests = false;                 ///< Something hurt: not today.
    std::vector<PracticeDay> days{};    ///< Oldest first; none of one that is new.
    std::optional<GateKind> holds{};    ///< The gate its last take missed.
    std::optional<int> wantedInDays{};  ///< It is in a set that has a date: days until then.
};

/// What a block of minutes is for.
enum class BlockKind { WarmUp, Weakest, Due, ForDate, InContext, Turn, CoolDown };
/// "warm-up", "weakest", "due", "for-date", "in-context", "turn", "cool-down".
[[nodiscard]] std::string_view toName(BlockKind kind);

// Why a block is in the plan, one struct each.

/// Well below what one can: a tempo to warm up and to end with.
struct Easy {
    double tempoBpm = 0;
};
/// Nothing else is as far from its goal; what its last take missed, where it missed anything.
struct FarFromGoal {
    double nowBpm = 0;
    double goalBpm = 0;
    std::optional<GateKind> holds;
};
/// It was clean so many days ago and is fading.
struct Fading {
    double cleanBpm = 0;
    int daysAgo = 0;
};
/// Nothing of it was clean so far.
struct NotCleanYet {
    double startBpm = 0;
};
/// Its set wants it by then.
struct WantedBy {
    int days = 0;
    double nowBpm = 0;
    double goalBpm = 0;
};
/// As it is used: a groove, a fill, a longer phrase.
struct AsItIsUsed {};
/// The way of practising has it in turn.
struct ItsTurn {};
using WhyThis = std::variant<Easy, FarFromGoal, Fading, NotCleanYet, WantedBy, AsItIsUsed, ItsTurn>;

struct PlanBlock {
    BlockKind kind = BlockKind::Weakest;
    std::string exerciseId;
    int minutes = 5;
    std::optional<double> tempoBpm;  ///< None: where its ladder stands.
    std::optional<Method> method{};  ///< Taken apart that way.
    WhyThis why;
};

/// How minutes are given to exercises: named, as teachers give them.
enum class PlanWay {
    Balanced,       ///< Warm-up, the weakest, what fades, something in context, cool-down.
    MinutesALine,   ///< So many minutes for each, one after the other.
    SlowAndClimb,   ///< One thing: slowly first, then up.
    GrowAtTempo,    ///< One thing at its tempo: the first notes, a little more each time.
    InTurn,         ///< Singles and doubles in turn.
    HandsThenFeet,  ///< Hands in the week, feet on Saturday.
};
inline constexpr int kPlanWays = 6;

inline constexpr int kLongestPlan = 240;  ///< Minutes.
struct PlanWish {
    int minutes = 20;  ///< 1 to kLongestPlan.
    PlanWay way = PlanWay::Balanced;
    int weekday = 1;  ///< 1 Monday to 7 Sunday.
};

/// Made anew from today: what was missed does not pile up. Exercises that rest are left out. An exercise
/// comes once, but for slow blocks where there are few. Empty where there is nothing to practise.
[[nodiscard]] std::vector<PlanBlock> planFor(const std::vector<ExerciseInWork>& all, const PlanWish& wish);

/// Another exercise for a block, the next best; the plan as it is where there is none.
[[nodiscard]] std::vector<PlanBlock> swapped(std::vector<PlanBlock> plan, std::size_t block,
                                             const std::vector<ExerciseInWork>& all);

}  // namespace upbeat
