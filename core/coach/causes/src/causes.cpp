#include "upbeat/causes/causes.h"

#include <algorithm>
#include <cmath>

#include "upbeat/measure/timing.h"

namespace upbeat {

namespace {

/// Variance between counts beyond what the passes differ by, its interval from the chi-square of the counts' means
/// (normal approximation of Wilson & Hilferty 1931).
std::optional<Figure> habitBeyondChance(const std::vector<CountHabit>& habits) {
    constexpr std::size_t kFewest = 3;
    if (habits.size() < kFewest) return std::nullopt;
    std::vector<double> means;
    double chance = 0;  // variance of a mean
    for (const CountHabit& habit : habits) {
        means.push_back(habit.offsetMs.value);
        chance += std::pow(habit.offsetMs.halfWidth() / studentT975(1e6), 2.0) / static_cast<double>(habits.size());
    }
    const double freedom = static_cast<double>(means.size()) - 1;
    const double between = std::pow(standardDeviation(means), 2.0);
    const auto beyond = [&](double z) {
        const double third = 1 - 2 / (9 * freedom) + z * std::sqrt(2 / (9 * freedom));
        return std::sqrt(std::max(0.0, between / std::pow(third, 3.0) - chance));
    };
    const double z = studentT975(1e6);
    return Figure{std::sqrt(std::max(0.0, between - chance)), beyond(z), beyond(-z), static_cast<int>(means.size())};
}

}  // namespace

Causes measureCauses(const MatchedTake& take) {
    Causes causes;
    causes.offsets = explainOffsets(take);
    causes.levels = explainLevels(take);
    const MatchedTake rest = withoutCauses(take, causes.offsets, causes.levels);
    const Timing timing = measureTiming(rest);
    causes.spreadMs = timing.spreadMs;
    causes.habitMs = habitBeyondChance(timing.habits);
    causes.apart = measureApart(rest);
    causes.unisons = measureUnisons(rest);
    causes.balance = measureBalance(rest);
    causes.accentRuns = measureAccentRuns(rest);
    causes.swells = measureSwells(rest);
    causes.dynamics = measureDynamics(rest);
    return causes;
}

}  // namespace upbeat
