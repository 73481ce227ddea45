#include "upbeat/voices/pad_timing.h"

#include <algorithm>
#include <cmath>

#include "upbeat/units/order_statistics.h"

namespace upbeat {

namespace {

constexpr int kFewest = 10;
constexpr double kMostSpreadMs = 3;

}  // namespace

Result<PadTiming> padTiming(const std::vector<double>& notesS, const std::vector<double>& soundsS, double mostS) {
    // A stroke stands alone in both, or it says nothing: who is nearer could be the neighbour.
    std::vector<double> behindMs;
    for (std::size_t i = 0; i < notesS.size(); ++i) {
        const double note = notesS[i];
        const bool isAlone = (i == 0 || note - notesS[i - 1] > 2 * mostS) &&
                             (i + 1 == notesS.size() || notesS[i + 1] - note > 2 * mostS);
        const auto from = std::lower_bound(soundsS.begin(), soundsS.end(), note - mostS);
        const auto to = std::upper_bound(soundsS.begin(), soundsS.end(), note + mostS);
        if (isAlone && to - from == 1) behindMs.push_back(1e3 * (note - *from));
    }
    const auto strokes = static_cast<int>(behindMs.size());
    if (notesS.empty()) return fail(UPBEAT_TEXT("no note came"), {}, UPBEAT_TEXT("play a pad, twelve single strokes"));
    if (strokes < kFewest)
        return fail(UPBEAT_TEXT("the microphone hears too few of the strokes by themselves"), {},
                    UPBEAT_TEXT("hold it to the pad, and strike twelve times with a second between"));
    const double spreadMs = robustDeviation(behindMs);
    if (spreadMs > kMostSpreadMs)
        return fail(UPBEAT_TEXT("the notes come at different times"), {},
                    UPBEAT_TEXT("use another cable or port, and try it once more"));
    // Of a median of that many; and no microphone is nearer than a hand's breadth.
    constexpr double kSmallestMs = 0.3;
    return PadTiming{median(behindMs) * 1e-3, std::hypot(kSmallestMs, 1.96 * 1.2533 * spreadMs / std::sqrt(strokes)),
                     strokes};
}

}  // namespace upbeat
