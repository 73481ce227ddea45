#pragma once

#include <algorithm>
#include <cmath>
#include <vector>

#include "upbeat/routine/plan.h"

namespace upbeat {

/// How an exercise stands today, as the plan weighs it.
struct Standing {
    const ExerciseInWork* exercise = nullptr;
    std::optional<Memory> memory;
    double share = 0;    ///< Expected clean tempo as a share of the goal, at most 1.
    double worth = 0;    ///< How much a minute may bring: how far it is, and whether it moves at all.
    bool taken = false;  ///< It has a block.

    [[nodiscard]] bool isDue() const { return memory && memory->dueInDays <= 0; }
    [[nodiscard]] bool isThere() const { return share >= 0.99; }
    [[nodiscard]] double nowBpm() const { return memory ? memory->expectedBpm : exercise->startBpm; }
};

[[nodiscard]] std::vector<Standing> standingsOf(const std::vector<ExerciseInWork>& all);

/// Warm-up, the weakest, what fades, something in context, cool-down.
[[nodiscard]] std::vector<PlanBlock> balancedPlan(std::vector<Standing> all, int minutes);

/// A block of an exercise for what it is best for.
[[nodiscard]] PlanBlock blockFor(const Standing& standing, BlockKind kind, int minutes);

}  // namespace upbeat
