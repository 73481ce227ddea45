#include "upbeat/measure/click_instead.h"

#include <cmath>

#include "upbeat/units/near.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

bool isClickInstead(const MatchedTake& take, bool clickIsHeard) {
    constexpr std::size_t kFewest = 12;
    constexpr double kNoHandMs = 0.1;
    constexpr double kOnItMs = 1;
    constexpr double kNoHandBesideMs = 0.3;
    constexpr double kMoreUneven = 20;
    constexpr double kOnClickS = 1e-4;
    const auto clicksS = clicksBesideS(take.exercise, Bpm(take.tempoBpm), take.bars, take.silent);
    std::vector<double> on;
    std::vector<double> off;
    for (const MatchedStroke& s : take.strokes) {
        if (take.hits[static_cast<std::size_t>(s.hit)].exact) return false;
        const bool isOn = isNearOne(clicksS, s.written.gridS, kOnClickS);
        (isOn ? on : off).push_back(s.offsetMs + s.askedMs);
    }
    if (on.size() < kFewest) return false;
    const double spreadMs = robustDeviation(on);
    if (off.size() < kFewest) return clickIsHeard && spreadMs < kNoHandMs && std::abs(median(on)) < kOnItMs;
    return spreadMs < kNoHandBesideMs && robustDeviation(off) > kMoreUneven * spreadMs;
}

}  // namespace upbeat
