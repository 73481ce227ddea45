#include "upbeat/player/damping.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace upbeat {

double ringS(std::span<const PlayedHit> hits, std::size_t index) {
    const Voice voice = hits[index].voice;
    if (voice != Voice::HiHatOpen && voice != Voice::HiHatLoose) return std::numeric_limits<double>::infinity();
    const auto closed = std::find_if(
        hits.begin() + static_cast<std::ptrdiff_t>(index) + 1, hits.end(),
        [](const PlayedHit& hit) { return hit.voice == Voice::HiHatClosed || hit.voice == Voice::HiHatFoot; });
    return closed == hits.end() ? std::numeric_limits<double>::infinity() : closed->timeS - hits[index].timeS;
}

double dampedGain(double sinceHitS, double ringS) {
    constexpr double kFadeS = 0.008;
    return std::clamp(1.0 - (sinceHitS - ringS) / kFadeS, 0.0, 1.0);
}

}  // namespace upbeat
