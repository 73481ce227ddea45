#include "upbeat/season/ceiling.h"

#include <algorithm>

namespace upbeat {

CeilingFilter filterOf(const std::vector<PastTake>& takes) {
    constexpr std::ptrdiff_t kMost = 300;
    const auto count = static_cast<std::ptrdiff_t>(takes.size());
    auto take = takes.begin() + std::max<std::ptrdiff_t>(0, count - kMost);
    CeilingFilter filter(take->tempoBpm);
    int day = take->daysAgo;
    for (; take != takes.end(); ++take) {
        filter.nights(day - take->daysAgo);
        filter.heard(take->tempoBpm, take->clean);
        day = take->daysAgo;
    }
    filter.nights(day);
    return filter;
}

std::optional<Ceiling> ceilingOf(const std::vector<PastTake>& takes) {
    if (takes.empty()) return std::nullopt;
    return ceilingOf(takes, filterOf(takes));
}

std::optional<Ceiling> ceilingOf(const std::vector<PastTake>& takes, const CeilingFilter& filter) {
    constexpr std::size_t kFewest = 4;
    if (takes.size() < kFewest) return std::nullopt;
    Ceiling ceiling;
    ceiling.bpm = filter.guessedBpm();
    ceiling.isBracketed = filter.bpm().has_value();
    constexpr int kFromHalf = 20;  // fortieths of the ceiling
    constexpr int kToAThirdAbove = 54;
    for (int share = kFromHalf; share <= kToAThirdAbove; ++share) {
        ceiling.curve.push_back(filter.chanceAt(share / 40.0 * ceiling.bpm.value));
        if (ceiling.curve.back().chance >= 0.9) ceiling.easyBpm = ceiling.curve.back().tempoBpm;
    }
    return ceiling;
}

}  // namespace upbeat
