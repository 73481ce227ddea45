#include "upbeat/take/take_record.h"

#include <fmt/format.h>

#include "upbeat/take/take_bounds.h"

namespace upbeat {

bool TakeRecord::counts() const {
    return !simulated && !isTooDamaged(frame, exercise);
}

TakeFrame frameToMeasure(const TakeRecord& take) {
    TakeFrame frame = take.frame;
    frame.silent = take.click.silent;
    return frame;
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
        return fail(Text::with(UPBEAT_TEXT("a sample rate of %1 Hz is out of range"), take.sampleRate), {},
                    UPBEAT_TEXT("use 8 to 192 kHz"));
    if (!(take.durationS >= 0 && take.durationS <= 2 * kLongestTakeS))
        return fail(Text::with(UPBEAT_TEXT("no take lasts %1 s"), fmt::format("{:g}", take.durationS)), {},
                    UPBEAT_TEXT("the file is damaged: restore it from a copy"));
    return {};
}

}  // namespace upbeat
