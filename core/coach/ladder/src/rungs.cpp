#include <algorithm>
#include <cmath>

#include "upbeat/ladder/ladder.h"

namespace upbeat {

namespace {

bool isSame(double a, double b) {
    return std::abs(a - b) <= kSameTempo;
}

/// The newest take on any rung between the two tempos, neither included, that says so.
template <class Says>
std::vector<double> newestSaying(const std::vector<RungTake>& before, double fromBpm, double toBpm, Says says) {
    std::vector<double> seen;
    std::vector<double> found;
    for (auto take = before.rbegin(); take != before.rend(); ++take) {
        const double bpm = take->tempoBpm;
        if (std::any_of(seen.begin(), seen.end(), [bpm](double other) { return isSame(bpm, other); })) continue;
        seen.push_back(bpm);
        if (bpm > fromBpm + kSameTempo && bpm < toBpm - kSameTempo && says(*take)) found.push_back(bpm);
    }
    return found;
}

std::optional<double> slowestMissed(const std::vector<RungTake>& before, double aboveBpm) {
    const auto missed =
        newestSaying(before, aboveBpm, 1e9, [](const RungTake& take) { return take.missed.has_value(); });
    if (missed.empty()) return std::nullopt;
    return *std::min_element(missed.begin(), missed.end());
}

std::optional<double> fastestClean(const std::vector<RungTake>& before, double belowBpm) {
    const auto clean = newestSaying(before, 0, belowBpm, [](const RungTake& take) { return take.clean; });
    if (clean.empty()) return std::nullopt;
    return *std::max_element(clean.begin(), clean.end());
}

/// Whether the player came to this rung from a slower one.
bool cameUp(const std::vector<RungTake>& before, double tempoBpm) {
    const auto other = std::find_if(before.rbegin(), before.rend(),
                                    [tempoBpm](const RungTake& t) { return !isSame(t.tempoBpm, tempoBpm); });
    return other != before.rend() && other->tempoBpm < tempoBpm;
}

/// The rung nearest half way between two others, but none of them; the low one where none lies between.
double rungBetween(const Ladder& ladder, double lowBpm, double highBpm) {
    const double middle = 0.5 * (lowBpm + highBpm);
    double best = lowBpm;
    for (const double rung : ladder.rungs()) {
        const bool isInside = rung > lowBpm + kSameTempo && rung < highBpm - kSameTempo;
        if (isInside && (isSame(best, lowBpm) || std::abs(rung - middle) < std::abs(best - middle))) best = rung;
    }
    return best;
}

}  // namespace

double rungAfterClean(const Ladder& ladder, double tempoBpm, const std::vector<RungTake>& before) {
    const double next = ladder.above(tempoBpm);
    const auto missed = slowestMissed(before, tempoBpm);
    if (ladder.rule == LadderRule::TwoUpOneBack) {
        if (cameUp(before, tempoBpm) && ladder.below(tempoBpm) < tempoBpm - kSameTempo) return ladder.below(tempoBpm);
        const double two = ladder.above(next);
        return missed && *missed < two - kSameTempo ? std::max(next, *missed) : two;
    }
    if (ladder.rule == LadderRule::Bisect) {
        const double middle = rungBetween(ladder, tempoBpm, missed.value_or(ladder.goalBpm));
        return isSame(middle, tempoBpm) ? next : middle;
    }
    return next;
}

double rungAfterMissed(const Ladder& ladder, double tempoBpm, const std::vector<RungTake>& before) {
    const double below = ladder.below(tempoBpm);
    if (ladder.rule != LadderRule::Bisect) return below;
    const auto clean = fastestClean(before, tempoBpm);
    if (!clean) return below;
    return rungBetween(ladder, *clean, tempoBpm);
}

}  // namespace upbeat
