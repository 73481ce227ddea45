#include "upbeat/take/take_record.h"

#include <fmt/format.h>

#include "upbeat/take/take_bounds.h"

namespace upbeat {

bool TakeRecord::counts() const {
    return !isTooDamaged(frame, exercise);
}

int wholeBarsOf(const TakeRecord& take) {
    const double played = take.durationS - take.frame.firstBeatS - take.frame.latencyS;
    return wholeBars(take.exercise, Bpm(take.frame.tempoBpm), played, take.frame.bars);
}

Result<void> check(const TakeRecord& take) {
    constexpr int kLowestRate = 8000;
    constexpr int kHighestRate = 192000;
    if (auto frame = check(take.frame, take.exercise); !frame) return frame;
    if (auto click = check(take.click); !click) return click;
    if (take.sampleRate < kLowestRate || take.sampleRate > kHighestRate)
        return fail(fmt::format("a sample rate of {} Hz is out of range", take.sampleRate), {}, "use 8 to 192 kHz");
    if (!(take.durationS >= 0 && take.durationS <= 2 * kLongestTakeS))
        return fail(fmt::format("no take lasts {:g} s", take.durationS), {},
                    "the file is damaged: restore it from a copy");
    return {};
}

}  // namespace upbeat
