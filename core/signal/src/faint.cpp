#include "upbeat/signal/faint.h"

#include <algorithm>
#include <cmath>

#include "upbeat/signal/novelty.h"

namespace upbeat {

double lastingDb(const Patch& patch, int framesLeft) {
    constexpr int kPeak = static_cast<int>(kPatchBefore);
    constexpr int kBefore = static_cast<int>(kBeforeFrames);
    constexpr int kGuard = 2;  // the rise may begin a little before the peak
    constexpr int kFrom = static_cast<int>(kAfterFrames);
    constexpr int kTo = 34;
    constexpr int kFewest = 6;
    constexpr int kShortest = 4;
    const bool cut = framesLeft < kFrom + kFewest;
    const int from = kPeak + (cut ? 0 : kFrom);
    const int to = kPeak + (cut ? std::clamp(framesLeft, kShortest, kFrom) : std::min(framesLeft, kTo));
    float sum = 0;
    for (std::size_t b = 0; b < kBands; ++b)
        sum += std::log10((patch.meanEnergy(b, from, to) + kSilentEnergy) /
                          (patch.meanEnergy(b, kPeak - kGuard - kBefore, kPeak - kGuard) + kSilentEnergy));
    return 10.0 * static_cast<double>(sum) / kBands;
}

double weighFaint(double strength, double riseDb, double lastingDb) {
    constexpr double kOfRise = 0.36;
    constexpr double kOfLasting = 0.36;
    constexpr double kNeutral = 2.63;
    return strength * std::exp(kOfRise * riseDb + kOfLasting * lastingDb - kNeutral);
}

}  // namespace upbeat
