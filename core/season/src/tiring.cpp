#include "upbeat/season/tiring.h"

#include <algorithm>
#include <cmath>

#include "upbeat/ladder/ladder.h"

namespace upbeat {

namespace {

/// Change from the first to the last take.
Figure changeOf(const std::vector<double>& values) {
    std::vector<double> numbers;
    for (std::size_t i = 0; i < values.size(); ++i) numbers.push_back(static_cast<double>(i));
    Figure change = slopeFigure(numbers, values).value_or(Figure());
    const double steps = numbers.back();
    change.value *= steps;
    change.low *= steps;
    change.high *= steps;
    return change;
}

double percentOf(double logRatio) {
    return 100 * (std::exp(logRatio) - 1);
}

}  // namespace

std::optional<Tiring> tiringOf(const std::vector<TakeInSitting>& sitting) {
    const auto isOther = [&sitting](const TakeInSitting& take) {
        return std::abs(take.tempoBpm - sitting.back().tempoBpm) > kSameTempo;
    };
    const auto first = std::find_if(sitting.rbegin(), sitting.rend(), isOther).base();
    std::vector<double> spread;
    std::vector<double> level;
    std::vector<double> placement;
    for (auto take = first; take != sitting.end(); ++take) {
        spread.push_back(std::log(std::max(0.1, take->spreadMs)));
        level.push_back(take->levelDb);
        placement.push_back(take->placementMs);
    }
    if (spread.size() < kFewestForTiring) return std::nullopt;
    Tiring tiring;
    tiring.takes = static_cast<int>(spread.size());
    tiring.levelDb = changeOf(level);
    tiring.laterMs = changeOf(placement);
    const Figure growth = changeOf(spread);
    tiring.spreadPercent = {percentOf(growth.value), percentOf(growth.low), percentOf(growth.high), growth.n};
    tiring.isSofter = tiring.levelDb.high < 0;
    tiring.isLater = tiring.laterMs.low > 0;
    if (growth.low <= 0 || !(tiring.isSofter || tiring.isLater)) return std::nullopt;
    return tiring;
}

}  // namespace upbeat
