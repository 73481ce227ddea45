#include "upbeat/take/take_bounds.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

constexpr double kMostLatencyS = 5;
constexpr const char* kFix = "the file is damaged: restore it from a copy";

bool isWithin(double value, double low, double high) {
    return value >= low && value <= high;  // false for what is no number
}

}  // namespace

int wholeBars(const Exercise& exercise, Bpm tempo, double playedS, int most) {
    constexpr double kForgiven = 0.02;
    return std::clamp(static_cast<int>(std::floor(barsBefore(exercise, tempo, playedS) + kForgiven)), 0,
                      std::max(0, most));
}

Result<void> check(const TakeFrame& frame, const Exercise& exercise) {
    if (!isWithin(frame.tempoBpm, kSlowestTempo, kFastestTempo))
        return fail(Text::with(UPBEAT_TEXT("a tempo of %1 is out of range"), fmt::format("{:g}", frame.tempoBpm)), {},
                    kFix);
    if (!isWithin(frame.firstBeatS, 0, kLongestTakeS))
        return fail(
            Text::with(UPBEAT_TEXT("a first beat at %1 s lies in no take"), fmt::format("{:g}", frame.firstBeatS)), {},
            kFix);
    if (!isWithin(frame.latencyS, -kMostLatencyS, kMostLatencyS))
        return fail(Text::with(UPBEAT_TEXT("a latency of %1 s is out of range"), fmt::format("{:g}", frame.latencyS)),
                    {}, kFix);
    const double bar = barStartS(exercise, Bpm(frame.tempoBpm), 1);
    if (frame.bars < 0 || (frame.bars > 1 && frame.bars * bar > 2 * kLongestTakeS))
        return fail(Text::with(UPBEAT_TEXT("%1 bars are in no take"), frame.bars), {}, kFix);
    for (const DamagedSpan& span : frame.damaged)
        if (!std::isfinite(span.fromS) || !std::isfinite(span.toS))
            return fail(UPBEAT_TEXT("a damaged span is no span"), {}, kFix);
    return {};
}

double damagedS(const TakeFrame& frame, const Exercise& exercise) {
    const double from = frame.firstBeatS + frame.latencyS;
    const double to = from + barStartS(exercise, Bpm(frame.tempoBpm), frame.bars);
    double sum = 0;
    for (const DamagedSpan& span : frame.damaged)
        sum += std::max(0.0, std::min(to, span.toS) - std::max(from, span.fromS));
    return sum;
}

bool isTooDamaged(const TakeFrame& frame, const Exercise& exercise) {
    constexpr double kTooMuch = 0.25;
    return damagedS(frame, exercise) >= kTooMuch * barStartS(exercise, Bpm(frame.tempoBpm), std::max(1, frame.bars));
}

}  // namespace upbeat
