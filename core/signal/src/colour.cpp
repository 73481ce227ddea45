#include "upbeat/signal/colour.h"

#include <algorithm>
#include <cmath>

#include "upbeat/signal/novelty.h"

namespace upbeat {

double onsetFrame(const Hit& hit) {
    return static_cast<double>(kPatchBefore) + (hit.timeS - hit.peakS) / kFrameS;
}

float backgroundOf(const Hit& hit, std::size_t band) {
    constexpr float kSilence = 1e-12F;
    constexpr int kFrames = 12;
    constexpr int kGuard = 2;  // the rise may begin a little before the onset
    const int onset = static_cast<int>(std::lround(onsetFrame(hit)));
    return hit.patch.meanEnergy(band, onset - kGuard - kFrames, onset - kGuard) + kSilence;
}

BandSteps colourOf(const Hit& hit, std::int64_t toNext) {
    constexpr int kFrames = 36;
    constexpr int kFewest = 8;
    constexpr std::int64_t kGuard = 4;  // the next one begins before its novelty peaks
    if (hit.patch.isEmpty()) return {};
    const int onset = static_cast<int>(std::lround(onsetFrame(hit)));
    const int next =
        static_cast<int>(std::min<std::int64_t>(static_cast<int>(kPatchBefore) + toNext - kGuard, kPatchFrames));
    const int end = std::clamp(next, onset + kFewest, onset + kFrames);
    BandEnergy rise{};
    for (std::size_t b = 0; b < kBands; ++b) {
        const float background = backgroundOf(hit, b);
        const float above = hit.patch.meanEnergy(b, onset, end) - background;
        if (above > background) rise[b] = above;
    }
    return toSteps(rise);
}

}  // namespace upbeat
