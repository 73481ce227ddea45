#pragma once

#include <filesystem>
#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/player/character.h"

namespace upbeat {

/// How the simulated player of the demo plays one exercise, and how it gets better at it.
struct ScenarioExercise {
    Exercise exercise;
    double startBpm = 60;
    double bendsBpm = 60;  ///< Up to there the player is as at the start.
    int takesADay = 1;
    int firstDay = 0;  ///< Practice day on which it is played first.
    double learning = 0;  ///< Share of the way from start to goal that a day of practice wins back.
    std::uint64_t seed = 1;
    Character atStart;
    Character atGoal;

    /// The character at a tempo after a number of days.
    [[nodiscard]] Character at(double tempoBpm, double days) const;
};

/// demodata/scenario.json: two weeks of a made-up player.
struct Scenario {
    std::vector<Exercise> pieces;  ///< Of which sections are among the exercises, and others to look at.
    std::vector<ScenarioExercise> exercises;
    std::vector<int> daysAgo;  ///< Practice days, oldest first.
    int bars = 8;
    std::string open;  ///< Exercise whose last take is shown first.

    /// Of an exercise or a part of it; null where it is none of ours.
    [[nodiscard]] const ScenarioExercise* find(const Exercise& exercise) const;
    [[nodiscard]] int practiceDays() const { return static_cast<int>(daysAgo.size()); }
};

[[nodiscard]] Result<Scenario> readScenario(const std::filesystem::path& file);

/// Every number between two characters; habits are paired in order.
[[nodiscard]] Character between(const Character& a, const Character& b, double share);

}  // namespace upbeat
