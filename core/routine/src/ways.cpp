// The named ways of giving minutes to exercises.
#include <numeric>

#include "standing.h"

namespace upbeat {

namespace {

bool hasTag(const ExerciseInWork& exercise, const char* tag) {
    return std::find(exercise.tags.begin(), exercise.tags.end(), tag) != exercise.tags.end();
}

int daysAgo(const Standing& s) {
    constexpr int kNever = 10000;
    return s.exercise->days.empty() ? kNever : s.exercise->days.back().daysAgo;
}

std::vector<Standing> longestAgoFirst(std::vector<Standing> all) {
    std::stable_sort(all.begin(), all.end(),
                     [](const Standing& a, const Standing& b) { return daysAgo(a) > daysAgo(b); });
    return all;
}

/// As many of them as get four minutes each, in their order; what is left over goes to the last.
std::vector<PlanBlock> minutesEach(const std::vector<Standing>& all, int minutes) {
    constexpr int kEach = 4;
    std::vector<PlanBlock> plan;
    int left = minutes;
    for (const Standing& s : all) {
        if (left < kEach && !plan.empty()) break;
        plan.push_back(blockFor(s, BlockKind::Turn, std::min(left, kEach)));
        left -= plan.back().minutes;
    }
    if (!plan.empty()) plan.back().minutes += left;
    return plan;
}

void mostWorthFirst(std::vector<Standing>& all) {
    std::stable_sort(all.begin(), all.end(), [](const Standing& a, const Standing& b) { return a.worth > b.worth; });
}

std::vector<PlanBlock> growAtTempo(std::vector<Standing> all, int minutes) {
    mostWorthFirst(all);
    if (all.empty()) return {};
    const int loose = minutes / 5;
    std::vector<PlanBlock> plan;
    if (loose > 0) plan.push_back(blockFor(all.front(), BlockKind::WarmUp, loose));
    plan.push_back(blockFor(all.front(), BlockKind::Weakest, minutes - loose));
    plan.back().method = Method::Grow;
    return plan;
}

std::vector<PlanBlock> slowAndClimb(std::vector<Standing> all, int minutes) {
    mostWorthFirst(all);
    if (all.empty()) return {};
    const int slow = std::max(1, minutes * 2 / 5);
    std::vector<PlanBlock> plan{blockFor(all.front(), BlockKind::WarmUp, slow)};
    if (minutes > slow) plan.push_back(blockFor(all.front(), BlockKind::Weakest, minutes - slow));
    return plan;
}

/// One with the first tag, one with the second, one with the first: those with neither have no turn.
std::vector<PlanBlock> inTurn(const std::vector<Standing>& all, int minutes) {
    std::vector<Standing> singles;
    std::vector<Standing> doubles;
    for (const Standing& s : longestAgoFirst(all)) {
        if (hasTag(*s.exercise, "singles")) singles.push_back(s);
        if (hasTag(*s.exercise, "doubles")) doubles.push_back(s);
    }
    std::vector<Standing> turns;
    for (std::size_t i = 0; i < std::max(singles.size(), doubles.size()); ++i) {
        if (i < singles.size()) turns.push_back(singles[i]);
        if (i < doubles.size()) turns.push_back(doubles[i]);
    }
    return minutesEach(turns, minutes);
}

std::vector<Standing> ofTheDay(const std::vector<Standing>& all, int weekday) {
    constexpr int kSaturday = 6;
    std::vector<Standing> chosen;
    for (const Standing& s : all)
        if (weekday == kSaturday ? s.exercise->usesFeet : s.exercise->usesHands && !s.exercise->usesFeet)
            chosen.push_back(s);
    return chosen;
}

}  // namespace

std::vector<PlanBlock> planFor(const std::vector<ExerciseInWork>& all, const PlanWish& wish) {
    const int minutes = std::clamp(wish.minutes, 1, kLongestPlan);
    std::vector<Standing> standings = standingsOf(all);
    if (wish.way != PlanWay::Balanced && wish.way != PlanWay::HandsThenFeet)
        std::erase_if(standings, [](const Standing& s) { return s.exercise->isDrill; });
    switch (wish.way) {
        case PlanWay::Balanced:
            return balancedPlan(standings, minutes);
        case PlanWay::MinutesALine:
            return minutesEach(longestAgoFirst(standings), minutes);
        case PlanWay::SlowAndClimb:
            return slowAndClimb(standings, minutes);
        case PlanWay::GrowAtTempo:
            return growAtTempo(standings, minutes);
        case PlanWay::InTurn:
            return inTurn(standings, minutes);
        case PlanWay::HandsThenFeet:
            return balancedPlan(ofTheDay(standings, wish.weekday), minutes);
    }
    return {};
}

}  // namespace upbeat
