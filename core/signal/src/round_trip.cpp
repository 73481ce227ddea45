#include "upbeat/signal/round_trip.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <optional>

#include "upbeat/signal/arrival.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

namespace {

constexpr double kLengthS = 0.012;
constexpr double kFromHz = 1000;
constexpr double kToHz = 9000;
constexpr int kSounds = 12;
constexpr int kFewest = 10;
constexpr double kMostSpreadMs = 0.3;
constexpr double kShare = 0.3;       // of the strongest arrival: the direct sound
constexpr double kClear = 12;        // the strongest arrival of all twelve against what is usual
constexpr double kReachS = 0.0006;   // a single sound stands no further from the others
constexpr double kClippedAt = 0.99;  // full scale

/// The stretch in which the sound of that time must arrive.
std::span<const float> stretch(std::span<const float> recording, double timeS, double longestS, int sampleRate) {
    const auto from = static_cast<std::size_t>(std::llround(timeS * sampleRate));
    const auto length = static_cast<std::size_t>((longestS + kLengthS) * sampleRate);
    return from + length <= recording.size() ? recording.subspan(from, length) : std::span<const float>();
}

/// One of the sounds, near where all of them together lie.
std::optional<Arrival> arrivalNear(const KnownSound& sound, std::span<const float> x, double expected, double reach) {
    const auto from = static_cast<std::size_t>(std::max(0.0, expected - reach));
    const auto to = std::min(x.size(), static_cast<std::size_t>(expected + reach) + sound.size() + 1);
    if (from >= to) return std::nullopt;
    KnownSound::Answer answer;
    sound.addAnswer(x.subspan(from, to - from), 1, answer);
    auto found = firstArrival(answer, 1);
    if (found) found->at += static_cast<double>(from);
    return found;
}

/// Those that are there: what is much softer than the others is something else.
std::vector<double> placesOf(const std::vector<Arrival>& arrivals) {
    constexpr double kSoftest = 0.4;
    double loudest = 0;
    for (const Arrival& a : arrivals) loudest = std::max(loudest, a.amplitude);
    std::vector<double> places;
    for (const Arrival& a : arrivals)
        if (a.amplitude >= kSoftest * loudest) places.push_back(a.at);
    return places;
}

tl::unexpected<Error> refused(const char* what, const char* fix) {
    return fail(what, {}, fix);
}

Result<RoundTrip> judged(const std::vector<double>& places, const Arrival& together, int sampleRate) {
    RoundTrip trip;
    trip.heard = static_cast<int>(places.size());
    if (trip.heard < kFewest)
        return refused(UPBEAT_TEXT("too few of the sounds are heard clearly"),
                       UPBEAT_TEXT("go closer, turn it up, or wait until the room is quieter"));
    trip.latencyS = median(places) / sampleRate;
    trip.spreadMs = robustDeviation(places) / sampleRate * 1e3;
    if (trip.spreadMs > kMostSpreadMs)
        return refused(UPBEAT_TEXT("the sounds come at different times"),
                       UPBEAT_TEXT("close other sound programs and try it once more"));
    // Of a median of that many; and no loudspeaker is smaller than its own millimetres.
    constexpr double kSmallestMs = 0.03;
    trip.uncertainMs = std::hypot(kSmallestMs, 1.96 * 1.2533 * trip.spreadMs / std::sqrt(trip.heard));
    trip.levelDb = 20 * std::log10(std::max(together.amplitude, 1e-9));
    return trip;
}

}  // namespace

std::vector<float> roundTripSound(int sampleRate) {
    std::vector<float> wave(static_cast<std::size_t>(kLengthS * sampleRate));
    for (std::size_t i = 0; i < wave.size(); ++i) {
        const double t = static_cast<double>(i) / sampleRate;
        const double phase = 2 * std::numbers::pi * (kFromHz * t + 0.5 * (kToHz - kFromHz) / kLengthS * t * t);
        const double swell = std::sin(std::numbers::pi * t / kLengthS);
        wave[i] = static_cast<float>(swell * swell * std::sin(phase));
    }
    return wave;
}

std::vector<double> roundTripTimesS() {
    std::vector<double> times;
    double next = 0.4;
    for (int i = 0; i < kSounds; ++i) {
        times.push_back(next);
        next += 0.50 + 0.013 * ((5 * i) % kSounds);
    }
    return times;
}

double roundTripLengthS() {
    return roundTripTimesS().back() + 0.7;
}

Result<RoundTrip> measureRoundTrip(std::span<const float> recording, int sampleRate, double longestS) {
    const KnownSound sound(roundTripSound(sampleRate));
    KnownSound::Answer all;
    double peak = 0;
    for (const double timeS : roundTripTimesS()) {
        const auto x = stretch(recording, timeS, longestS, sampleRate);
        if (x.empty()) return refused(UPBEAT_TEXT("the recording ended too early"), UPBEAT_TEXT("try it once more"));
        for (const float v : x) peak = std::max(peak, static_cast<double>(std::abs(v)));
        sound.addAnswer(x, 1.0 / kSounds, all);
    }
    if (peak >= kClippedAt)
        return refused(UPBEAT_TEXT("the microphone is overdriven"), UPBEAT_TEXT("turn it down, or go further away"));
    const auto together = firstArrival(all, kShare);
    if (!together || together->clearness < kClear)
        return refused(UPBEAT_TEXT("the sounds are not heard"),
                       UPBEAT_TEXT("bring the microphone to the headphone or loudspeaker, or turn it up"));
    const double reach = kReachS * sampleRate;
    std::vector<Arrival> arrivals;
    for (const double timeS : roundTripTimesS()) {
        const auto found = arrivalNear(sound, stretch(recording, timeS, longestS, sampleRate), together->at, reach);
        if (found && std::abs(found->at - together->at) < reach) arrivals.push_back(*found);
    }
    return judged(placesOf(arrivals), *together, sampleRate);
}

}  // namespace upbeat
