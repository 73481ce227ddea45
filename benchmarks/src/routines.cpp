#include "routines.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <chrono>
#include <cmath>

#include "upbeat/routine/plan.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

constexpr int kExercises = 12;
constexpr int kDays = 60;
constexpr int kMinutes = 20;
constexpr double kTakesAMinute = 2;  // of eight bars, with the rests between them

/// One exercise in a player's hands. What is practised near what one can grows it, less and less within a day and the
/// nearer the goal; what is not fades, more slowly the more often it came back after some days.
struct Skill {
    double goal = 120;
    double can = 70;
    double rate = 0.01;
    double fades = 0.01;
    double holds = 1;
    int lastDay = 0;
    std::vector<PracticeDay> days{};

    void practise(double minutes, int day, Random& random) {
        const int away = day - lastDay;
        if (!days.empty() && away >= 2) holds = std::min(holds * 1.4, 6.0);
        PracticeDay today{day, 0, false, {}, {}, 0};
        const int takes = static_cast<int>(minutes * kTakesAMinute);
        for (int k = 0; k < takes; ++k) {
            const double tempo = can * (1 + 0.02 * random.normal());
            const bool clean = random.uniform() < 1 / (1 + std::exp((tempo / can - 1.01) / 0.02));
            if (today.takes++ == 0) today.firstBpm = tempo, today.firstClean = clean;
            if (clean) today.cleanBpm = std::max(today.cleanBpm.value_or(0), tempo);
            if (clean) today.slowestClean = std::min(today.slowestClean.value_or(tempo), tempo);
            can *= 1 + rate * std::exp(-k / 14.0) * std::max(0.0, 1 - can / (1.1 * goal));
            can = std::min(can, goal);
        }
        if (takes == 0) return;
        lastDay = day;
        days.push_back(today);
    }
    void night() { can *= 1 - fades / holds; }
};

std::vector<Skill> skillsOf(std::uint64_t seed) {
    Random random(seed);
    std::vector<Skill> skills(kExercises);
    for (Skill& s : skills) {
        s.goal = random.uniform(90, 160);
        s.can = s.goal * random.uniform(0.35, 0.9);
        s.rate = random.uniform(0.006, 0.03);
        s.fades = random.uniform(0.004, 0.014);
    }
    return skills;
}

double shareOfGoals(const std::vector<Skill>& skills) {
    double sum = 0;
    for (const Skill& s : skills) sum += std::log(std::min(1.0, s.can / s.goal));
    return std::exp(sum / kExercises);
}

std::vector<ExerciseInWork> inWork(const std::vector<Skill>& skills, int day) {
    std::vector<ExerciseInWork> all;
    for (std::size_t i = 0; i < skills.size(); ++i) {
        ExerciseInWork one;
        one.exerciseId = std::to_string(i);
        one.startBpm = 0.35 * skills[i].goal;
        one.goalBpm = skills[i].goal;
        one.days = skills[i].days;
        for (PracticeDay& d : one.days) d.daysAgo = day - d.daysAgo;
        all.push_back(std::move(one));
    }
    return all;
}

struct Outcome {
    double share = 0;
    int longestAway = 0;
};

/// `lostS`: going on to another exercise costs so many seconds.
Outcome season(std::uint64_t seed, bool byPlan, double lostS) {
    std::vector<Skill> skills = skillsOf(seed);
    Random random(seed + 77);
    Outcome outcome;
    const auto practise = [&](Skill& skill, double minutes, int day) {
        if (day > 12) outcome.longestAway = std::max(outcome.longestAway, day - skill.lastDay);
        skill.practise(std::max(0.0, minutes - lostS / 60), day, random);
    };
    for (int day = 1; day <= kDays; ++day) {
        if (byPlan) {
            for (const PlanBlock& block : planFor(inWork(skills, day), {kMinutes, PlanWay::Balanced, day % 7 + 1}))
                practise(skills[static_cast<std::size_t>(std::stoi(block.exerciseId))], block.minutes, day);
        } else {
            for (Skill& skill : skills) practise(skill, static_cast<double>(kMinutes) / kExercises, day);
        }
        for (Skill& skill : skills) skill.night();
    }
    for (const Skill& skill : skills) outcome.longestAway = std::max(outcome.longestAway, kDays - skill.lastDay);
    outcome.share = shareOfGoals(skills);
    return outcome;
}

}  // namespace

Table planTable(int players) {
    Table table{"Plans: 60 days of 20 minutes, 12 exercises",
                {"seconds lost with every exercise", "goals reached by the plan", "in equal shares", "more",
                 "longest untouched, days", "asked"},
                {}};
    for (const double lostS : {0.0, 20.0, 40.0}) {
        double planned = 0;
        double equal = 0;
        double more = 0;
        int longest = 0;
        for (int i = 0; i < players; ++i) {
            const auto seed = 300 + static_cast<std::uint64_t>(i);
            const Outcome by = season(seed, true, lostS);
            const Outcome shares = season(seed, false, lostS);
            planned += by.share, equal += shares.share, more += by.share / shares.share - 1;
            longest = std::max(longest, by.longestAway);
        }
        table.rows.push_back({fmt::format("{:.0f}", lostS), fmt::format("{:.1f} %", 100 * planned / players),
                              fmt::format("{:.1f} %", 100 * equal / players),
                              fmt::format("{:+.1f} %", 100 * more / players), fmt::format("{}", longest),
                              ">= 15 % more, 10 days"});
    }
    return table;
}

Table planSpeedTable() {
    constexpr int kMany = 500;
    constexpr int kDaysEach = 40;  // with one take each: 20,000
    std::vector<ExerciseInWork> all;
    Random random(3);
    for (int i = 0; i < kMany; ++i) {
        ExerciseInWork& one = all.emplace_back();
        one.exerciseId = std::to_string(i);
        for (int d = kDaysEach; d > 0; --d) {
            const double tempo = random.uniform(60, 100);
            one.days.push_back({d * 2, tempo, true, tempo, tempo, 1});
        }
    }
    const auto before = std::chrono::steady_clock::now();
    const auto plan = planFor(all, {});
    const std::chrono::duration<double, std::milli> took = std::chrono::steady_clock::now() - before;
    Table table{"Plan, speed", {"what", "ms", "asked"}, {}};
    table.rows.push_back({fmt::format("a plan of {} blocks for 500 exercises on 40 days each", plan.size()),
                          fmt::format("{:.1f}", took.count()), "< 50"});
    return table;
}

}  // namespace upbeat::bench
