#include "upbeat/season/forecast.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr int kMonth = 30;

/// How somebody practises: of the last few days on which he did.
struct Habits {
    int days = 0;            ///< On which he practised, of all of them.
    double takesADay = 0;    ///< On such a day.
    double shareOfDays = 1;  ///< Of all days since the first of those few.
};

Habits habitsOf(const std::vector<PastTake>& takes) {
    constexpr int kOfLate = 10;
    Habits habits;
    int count = 0;
    int first = 0;
    int day = -1;
    for (auto take = takes.rbegin(); take != takes.rend(); ++take) {
        if (take->daysAgo != day) ++habits.days, day = take->daysAgo;
        if (habits.days > kOfLate) continue;
        ++count;
        first = take->daysAgo;
    }
    const int days = std::min(habits.days, kOfLate);
    habits.takesADay = static_cast<double>(count) / days;
    habits.shareOfDays = std::min(1.0, days / (1.0 + first));
    return habits;
}

/// Some of the guesses, each as often as it weighs.
std::vector<PlayerGuess> drawnFrom(const std::vector<PlayerGuess>& guesses) {
    constexpr int kPlayers = 400;
    std::vector<PlayerGuess> drawn;
    double sum = 0;
    double at = 0.5 / kPlayers;
    for (const PlayerGuess& guess : guesses) {
        sum += guess.weight;
        for (; at < sum && static_cast<int>(drawn.size()) < kPlayers; at += 1.0 / kPlayers) drawn.push_back(guess);
    }
    return drawn;
}

struct Ahead {
    int reachedOn = kForecastDays + 1;  ///< The day, from today.
    double inAMonth = 0;                ///< Logarithm of the highest ceiling until then.
};

Ahead lookAhead(PlayerGuess player, const Habits& habits, double logGoal, Random& random) {
    Ahead ahead;
    double best = player.logCeiling;
    for (int day = 0; day <= kForecastDays; ++day) {
        if (best >= logGoal) ahead.reachedOn = std::min(ahead.reachedOn, day);
        if (day <= kMonth) ahead.inAMonth = best;
        if (best >= logGoal && day >= kMonth) break;
        passNights(player, 1, random);
        if (random.uniform() < habits.shareOfDays) player.learn(habits.takesADay);
        best = std::max(best, player.logCeiling);
    }
    return ahead;
}

std::optional<int> dayBy(const std::vector<int>& sorted, double share) {
    const int day = sorted[static_cast<std::size_t>(share * static_cast<double>(sorted.size() - 1))];
    return day <= kForecastDays ? std::optional(day) : std::nullopt;
}

}  // namespace

std::optional<Forecast> forecastOf(const std::vector<PastTake>& takes, double goalBpm) {
    if (takes.empty()) return std::nullopt;
    return forecastOf(takes, filterOf(takes), goalBpm);
}

std::optional<Forecast> forecastOf(const std::vector<PastTake>& takes, const CeilingFilter& filter, double goalBpm) {
    if (takes.empty()) return std::nullopt;
    const Habits habits = habitsOf(takes);
    if (habits.days < kFewestDays || !filter.bpm()) return std::nullopt;
    Random random(20261129);
    std::vector<int> reached;
    std::vector<double> inAMonth;
    for (const PlayerGuess& player : drawnFrom(filter.guesses())) {
        const Ahead ahead = lookAhead(player, habits, std::log(goalBpm), random);
        reached.push_back(ahead.reachedOn);
        inAMonth.push_back(ahead.inAMonth);
    }
    std::sort(reached.begin(), reached.end());
    std::sort(inAMonth.begin(), inAMonth.end());
    Forecast forecast{dayBy(reached, 0.1), dayBy(reached, 0.5), dayBy(reached, 0.9)};
    if (!forecast.late) forecast.early = dayBy(reached, 0.2);
    forecast.inAMonthBpm = std::exp(inAMonth[inAMonth.size() / 5]);
    return forecast;
}

std::optional<double> nearerGoal(const Ladder& ladder, double tempoBpm, const Forecast& forecast) {
    constexpr int kNearDays = 90;
    if (forecast.likely && *forecast.likely <= kNearDays) return std::nullopt;
    std::optional<double> nearer;
    for (const double rung : ladder.rungs())
        if (rung > tempoBpm + kSameTempo && rung < ladder.goalBpm - kSameTempo && rung <= forecast.inAMonthBpm)
            nearer = rung;
    return nearer;
}

}  // namespace upbeat
