#include "upbeat/align/lean.h"

#include <algorithm>

namespace upbeat {

std::optional<BandLean> leanOf(const Hit& hit) {
    if (!isKnown(hit.colour)) return std::nullopt;
    constexpr std::ptrdiff_t kLow = 3;
    constexpr std::ptrdiff_t kHigh = 5;
    constexpr double kNothingDb = 40.0;
    const double most = *std::max_element(hit.colour.begin(), hit.colour.end()) / kStepsPerDb;
    const double low = *std::max_element(hit.colour.begin(), hit.colour.begin() + kLow) / kStepsPerDb;
    const double high = *std::max_element(hit.colour.begin() + kHigh, hit.colour.end()) / kStepsPerDb;
    return BandLean{std::max(low, most - kNothingDb), std::max(high, most - kNothingDb), low > 0 && high > 0};
}

double usualLean(Voice voice) {
    switch (instrumentOf(voice)) {
        case Voice::Kick:
            return -25.0;
        case Voice::HiHatClosed:
        case Voice::HiHatFoot:
        case Voice::Ride:
        case Voice::Crash:
            return 15.0;
        default:
            return -6.0;
    }
}

}  // namespace upbeat
