#pragma once

#include <optional>
#include <vector>

namespace upbeat {

/// What was practised of an exercise on one day.
struct PracticeDay {
    int daysAgo = 0;
    double firstBpm = 0;                 ///< Tempo of the first take of the day,
    bool firstClean = false;             ///< and whether it was clean.
    std::optional<double> slowestClean;  ///< Tempos of its slowest and fastest clean takes; none where none was clean.
    std::optional<double> cleanBpm;
    int takes = 0;
};

/// How fast a player forgets.
struct Forgetting {
    double perDay = 0.008;  ///< Share of the clean tempo that a day without practice takes, of what is new.
    int returns = 0;        ///< Returns to an exercise it was learned from; 0: it is the prior.
};

/// Learned from every return to an exercise after two days and more: what of the clean tempo was gone, against a prior
/// of 0.8 % a day that weighs as much as 25 days.
[[nodiscard]] Forgetting forgettingOf(const std::vector<std::vector<PracticeDay>>& exercises);

/// What is left of an exercise today.
struct Memory {
    double cleanBpm = 0;     ///< The clean tempo of when it was last practised,
    int daysAgo = 0;         ///< so many days ago.
    int successes = 0;       ///< Returns on which it was still there: each makes it last longer.
    double expectedBpm = 0;  ///< The clean tempo to expect today.
    int dueInDays = 0;       ///< Days until one rung of it is gone; 0 and below: it is due.
};

/// Days are oldest first. The clean tempo decays exponentially with the days since it was last practised (Ebbinghaus
/// 1885), 1.6 times slower with each return on which it was still there: the spacing effect (Cepeda and others 2006).
/// None where nothing was ever clean. At the latest it is due after nine days.
[[nodiscard]] std::optional<Memory> memoryOf(const std::vector<PracticeDay>& days, double stepBpm,
                                             const Forgetting& forgetting);

}  // namespace upbeat
