#include "upbeat/routine/memory.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kSlower = 1.6;  // with each success
constexpr int kMostSuccesses = 6;
constexpr int kLongestDays = 9;

/// How much slower it is forgotten after so many successes.
double strength(int successes) {
    return std::pow(kSlower, std::min(successes, kMostSuccesses));
}

/// The clean tempo a day starts from: that of its first take, or else the slowest it had to go back to.
std::optional<double> returnedAt(const PracticeDay& day, double before) {
    if (day.firstClean) return std::max(day.firstBpm, std::min(before, day.cleanBpm.value_or(day.firstBpm)));
    return day.slowestClean;
}

/// One return to an exercise: what was clean before, what is clean now, and the days between them.
struct Return {
    int days = 0;
    double before = 0;
    std::optional<double> now;
    int successes = 0;  ///< Before it.
};

/// Walks through the days of an exercise; gives the clean tempo and the successes at the end.
template <class Visit>
std::pair<double, int> walk(const std::vector<PracticeDay>& days, Visit visit) {
    double clean = 0;
    int successes = 0;
    for (std::size_t i = 0; i < days.size(); ++i) {
        const PracticeDay& day = days[i];
        if (i > 0 && clean > 0) {
            const Return back{days[i - 1].daysAgo - day.daysAgo, clean, returnedAt(day, clean), successes};
            visit(back);
            constexpr double kStillThere = 0.97;
            if (back.days >= 2 && back.now)
                successes = *back.now >= kStillThere * clean ? successes + 1 : successes / 2;
        }
        if (day.cleanBpm) clean = *day.cleanBpm;
    }
    return {clean, successes};
}

}  // namespace

Forgetting forgettingOf(const std::vector<std::vector<PracticeDay>>& exercises) {
    constexpr double kPriorDays = 25;
    constexpr double kMostLost = 0.3;  // more is another cause
    Forgetting forgetting;
    double lost = kPriorDays * forgetting.perDay;
    double days = kPriorDays;
    for (const auto& exercise : exercises)
        walk(exercise, [&](const Return& back) {
            if (back.days < 2 || !back.now) return;
            const double share = std::clamp(std::log(back.before / *back.now), 0.0, kMostLost);
            // In days of something new: what is known well hardly tells.
            lost += share;
            days += back.days / strength(back.successes);
            ++forgetting.returns;
        });
    forgetting.perDay = std::clamp(lost / days, 0.001, 0.05);
    return forgetting;
}

std::optional<Memory> memoryOf(const std::vector<PracticeDay>& days, double stepBpm, const Forgetting& forgetting) {
    const auto [clean, successes] = walk(days, [](const Return&) {});
    if (clean <= 0) return std::nullopt;
    Memory memory;
    memory.cleanBpm = clean;
    memory.daysAgo = days.back().daysAgo;
    memory.successes = successes;
    const double perDay = forgetting.perDay / strength(successes);
    memory.expectedBpm = clean * std::exp(-perDay * memory.daysAgo);
    const double rungLeft = std::max(0.5, 1 - stepBpm / clean);
    const int lasts = std::clamp(static_cast<int>(-std::log(rungLeft) / perDay), 1, kLongestDays);
    memory.dueInDays = lasts - memory.daysAgo;
    return memory;
}

}  // namespace upbeat
