#include "upbeat/signal/patch.h"

#include <algorithm>

namespace upbeat {

void Patch::fill(std::span<const BandEnergy> frames, std::size_t middle) {
    Steps steps{};
    for (std::size_t f = 0; f < kPatchFrames; ++f) {
        const std::size_t at = middle + f;
        if (at < kPatchBefore || at - kPatchBefore >= frames.size()) continue;
        steps[f] = toSteps(frames[at - kPatchBefore]);
    }
    setSteps(steps);
}

float Patch::meanEnergy(std::size_t band, int from, int to) const {
    from = std::clamp(from, 0, static_cast<int>(kPatchFrames));
    to = std::clamp(to, 0, static_cast<int>(kPatchFrames));
    if (to <= from) return 0;
    float sum = 0;
    for (int f = from; f < to; ++f) sum += energy(static_cast<std::size_t>(f), band);
    return sum / static_cast<float>(to - from);
}

}  // namespace upbeat
