#include "climbs.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "upbeat/climb/climb.h"
#include "upbeat/music/library.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

/// Somebody who neither learns nor forgets, whose spread is a share of its limit.
Learner steadyPlayer(double share, double limitMs) {
    Learner learner;
    learner.atEase.spreadMs = share * limitMs;
    learner.atEase.wanderMs = 0;
    learner.ceilingBpm = 300;
    learner.learnBpmPerTake = learner.forgetBpmPerDay = 0;
    return learner;
}

struct Decided {
    int players = 0;
    int upWithinFive = 0;
    int everUp = 0;
    int heldWithinFive = 0;
    int decidedWithinEight = 0;
};

Decided decide(double share, int players) {
    constexpr double kTempo = 100;
    constexpr double kLimitMs = 12;  // 8 % of a sixteenth at 100
    constexpr int kTakes = 8;
    Decided decided;
    for (int i = 0; i < players; ++i) {
        ClimbPlan plan;
        plan.ladder = {kTempo, 300, 4, 3};
        plan.takes = kTakes;
        plan.seed = 1000 + static_cast<std::uint64_t>(i);
        const ClimbRun run = climb(*builtInExercise("singles-sixteenths"), steadyPlayer(share, kLimitMs), plan);
        const auto first = std::find_if(run.takes.begin(), run.takes.end(),
                                        [](const ClimbTake& t) { return t.verdict.action != Action::Again; });
        ++decided.players;
        if (first == run.takes.end()) continue;
        ++decided.decidedWithinEight;
        const bool up = first->verdict.action == Action::Up;
        decided.everUp += up ? 1 : 0;
        if (first->number <= 5) ++(up ? decided.upWithinFive : decided.heldWithinFive);
    }
    return decided;
}

/// Each learner his own: ceiling, how soon he falls apart above it, talent, and what goes first.
Learner anyLearner(std::uint64_t seed) {
    Random random(seed);
    Learner learner;
    learner.atEase.spreadMs = random.uniform(2, 4);
    learner.atEase.wanderMs = random.uniform(0, 1.5);
    learner.ceilingBpm = random.uniform(75, 110);
    learner.widthBpm = random.uniform(5, 12);
    learner.gapLossDb = random.uniform(0, 1.5);
    learner.learnBpmPerTake = random.uniform(0.2, 0.8);
    learner.forgetBpmPerDay = random.uniform(0.2, 1);
    return learner;
}

constexpr int kTakes = 120;

/// The ceiling after as many takes by a policy that goes up a fixed step after a fixed number of takes, and a step back
/// where the true values do not meet the gates: the best of all that were tried knows what no coach can know.
double bestFixedPolicy(const Exercise& exercise, const Learner& learner, const Ladder& ladder) {
    double best = 0;
    for (const double step : {1.0, 2.0, 4.0, 6.0, 10.0})
        for (const int each : {1, 2, 3, 5, 8}) {
            Learner trained = learner;
            double tempo = ladder.startBpm;
            for (int take = 1; take <= kTakes; ++take) {
                practise(trained, tempo);
                if (take % trained.takesPerDay == 0) rest(trained);
                if (take % each != 0) continue;
                const bool clean = truthOf(playerAt(trained, tempo), exercise, tempo, Profile()).clean;
                tempo = std::clamp(tempo + (clean ? step : -step), kSlowestTempo, ladder.goalBpm);
            }
            best = std::max(best, trained.ceilingBpm);
        }
    return best;
}

/// Takes in a row on one rung without anything but "again".
int longestWait(const ClimbRun& run) {
    int longest = 0;
    int now = 0;
    for (const ClimbTake& take : run.takes) {
        now = take.verdict.action == Action::Again && !take.stage ? now + 1 : 0;
        longest = std::max(longest, now);
    }
    return longest;
}

}  // namespace

Table decisionTable(int playersEach) {
    Table table{
        "Decisions over takes: sixteenths at 100, 8 bars, true spread as a share of its limit",
        {"spread / limit", "players", "up within 5", "up at all in 8", "held back within 5", "decided within 8"},
        {}};
    for (const double share : {0.6, 0.75, 0.8, 0.9, 1.0, 1.1, 1.2, 1.4}) {
        const Decided d = decide(share, playersEach);
        table.rows.push_back({fmt::format("{:.2f}", share), fmt::format("{}", d.players),
                              percent(d.upWithinFive, d.players), percent(d.everUp, d.players),
                              percent(d.heldWithinFive, d.players), percent(d.decidedWithinEight, d.players)});
    }
    return table;
}

Table climbTable(int learners) {
    const Exercise exercise = *builtInExercise("paradiddle-accents");
    int ups = 0;
    int wrongUps = 0;
    int longest = 0;
    int longHeld = 0;
    std::vector<double> ceilings;
    for (int i = 0; i < learners; ++i) {
        const Learner learner = anyLearner(500 + static_cast<std::uint64_t>(i));
        ClimbPlan plan;
        plan.ladder = {60, 240, 4, 3};
        plan.takes = kTakes;
        plan.seed = 500 + static_cast<std::uint64_t>(i);
        const ClimbRun run = climb(exercise, learner, plan);
        for (const ClimbTake& take : run.takes) {
            if (take.verdict.action != Action::Up) continue;
            ++ups;
            wrongUps += take.truth.clean ? 0 : 1;
        }
        const int wait = longestWait(run);
        longest = std::max(longest, wait);
        longHeld += wait >= 30 ? 1 : 0;
        ceilings.push_back(run.ceilingBpm / bestFixedPolicy(exercise, learner, plan.ladder));
    }
    Table table{"Learners who climb", {"what", "figure", "asked"}, {}};
    table.rows.push_back(
        {fmt::format("\"up\" while the truth is not clean (of {})", ups), percent(wrongUps, ups), "<= 5 %"});
    table.rows.push_back(
        {"ceiling against the best fixed policy, mean", fmt::format("{:.1f} %", 100 * mean(ceilings)), ">= 95 %"});
    table.rows.push_back({"the same, worst of twenty", fmt::format("{:.1f} %", 100 * quantile(ceilings, 0.05)), ""});
    table.rows.push_back(
        {fmt::format("learners kept on a rung for 30 takes (of {})", learners), fmt::format("{}", longHeld), "0"});
    table.rows.push_back({"longest wait on a rung, takes", fmt::format("{}", longest), ""});
    return table;
}

}  // namespace upbeat::bench
