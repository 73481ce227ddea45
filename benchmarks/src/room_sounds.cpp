#include "room_sounds.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <random>

namespace upbeat::bench {

namespace {

using Random = std::mt19937_64;
using Samples = std::vector<double>;

double of(Random& random, double from, double to) {
    return std::uniform_real_distribution<double>(from, to)(random);
}

Samples silence(double seconds, int rate) {
    return Samples(static_cast<std::size_t>(seconds * rate));
}

Samples vowel(Random& random, int rate) {
    const double pitch = of(random, 110, 170);
    const double low = of(random, 350, 750);
    const double high = of(random, 1100, 2000);
    const double lengthS = of(random, 0.12, 0.20);
    const double attackS = of(random, 0.012, 0.032);
    Samples sound = silence(lengthS, rate);
    for (std::size_t i = 0; i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / rate;
        const double swell = std::min({1.0, t / attackS, (lengthS - t) / 0.04});
        for (int k = 1; k * pitch < 3500; ++k) {
            const double f = k * pitch;
            const double formant =
                std::exp(-std::pow((f - low) / 150, 2)) + 0.4 * std::exp(-std::pow((f - high) / 250, 2)) + 0.02;
            sound[i] += swell * formant * std::sin(2 * std::numbers::pi * f * t * (1 + 0.03 * t));
        }
    }
    return sound;
}

/// A shoe on a wooden floor.
Samples footTap(Random& random, int rate) {
    const double f = of(random, 55, 95);
    Samples sound = silence(0.12, rate);
    for (std::size_t i = 0; i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / rate;
        sound[i] = std::sin(2 * std::numbers::pi * f * t) * std::exp(-t / 0.03) * std::min(1.0, t / 0.004) +
                   0.05 * of(random, -1, 1) * std::exp(-t / 0.006);
    }
    return sound;
}

/// A page that is turned, a sleeve: noise that swells and breaks.
Samples rustle(Random& random, int rate) {
    Samples sound = silence(of(random, 0.15, 0.5), rate);
    double before = 0;
    double swell = 0;
    double aim = 1;
    for (double& v : sound) {
        if (of(random, 0, 1) < 40.0 / rate) aim = of(random, 0, 1);
        swell += (aim - swell) * 120.0 / rate;
        const double noise = of(random, -1, 1);
        v = swell * (noise - before);
        before = noise;
    }
    return sound;
}

Samples creak(Random& random, int rate) {
    Samples sound = silence(of(random, 0.3, 0.6), rate);
    const double f = of(random, 300, 800);
    for (double at = 0; at < 0.25; at += of(random, 0.008, 0.03)) {
        const double peak = of(random, 0.2, 1);
        for (auto i = static_cast<std::size_t>(at * rate); i < sound.size(); ++i) {
            const double t = static_cast<double>(i) / rate - at;
            if (t > 0.05) break;
            sound[i] += peak * std::sin(2 * std::numbers::pi * f * t) * std::exp(-t / 0.008);
        }
    }
    return sound;
}

double peakOf(const Samples& samples) {
    double most = 0;
    for (const double v : samples) most = std::max(most, std::abs(v));
    return most;
}

Samples one(RoomSound what, Random& random, int rate) {
    switch (what) {
        case RoomSound::Voice:
            return vowel(random, rate);
        case RoomSound::FootTaps:
            return footTap(random, rate);
        case RoomSound::Rustle:
            return rustle(random, rate);
        case RoomSound::Chair:
            return creak(random, rate);
    }
    return {};
}

void mixIn(Sound& sound, const Samples& added, double atS, double peak) {
    const double gain = peak / std::max(peakOf(added), 1e-9);
    const auto from = static_cast<std::size_t>(atS * sound.sampleRate);
    for (std::size_t i = 0; i < added.size() && from + i < sound.samples.size(); ++i)
        sound.samples[from + i] += static_cast<float>(gain * added[i]);
}

}  // namespace

void addRoomSound(Sound& sound, RoomSound what, double levelDb, double beatS, double fromS, std::uint64_t seed) {
    Random random(seed);
    std::normal_distribution<double> beside(-0.04, 0.02);
    float most = 0;
    for (const float v : sound.samples) most = std::max(most, std::abs(v));
    const double peak = static_cast<double>(most) * std::pow(10.0, levelDb / 20);
    const double everyS = what == RoomSound::Chair || what == RoomSound::Rustle ? 7 * beatS : beatS / 2;
    for (double at = fromS; at < sound.durationS(); at += everyS) {
        const double atS = std::max(0.0, at + beside(random));
        mixIn(sound, one(what, random, sound.sampleRate), atS, peak);
    }
}

void addOneSound(Sound& sound, RoomSound what, double atS, double peakDb, std::uint64_t seed) {
    Random random(seed);
    mixIn(sound, one(what, random, sound.sampleRate), atS, std::pow(10.0, peakDb / 20));
}

void rideGain(Sound& sound, double attackS, double releaseS) {
    constexpr double kAimDb = -22;
    constexpr double kBlockS = 0.001;
    const auto block = static_cast<std::size_t>(kBlockS * sound.sampleRate);
    double loudnessDb = -40;
    double gain = 1;
    for (std::size_t from = 0; from < sound.samples.size(); from += block) {
        const std::size_t to = std::min(from + block, sound.samples.size());
        double sum = 1e-12;
        for (std::size_t i = from; i < to; ++i) sum += std::pow(static_cast<double>(sound.samples[i]), 2);
        const double nowDb = 10 * std::log10(sum / static_cast<double>(to - from));
        loudnessDb += (nowDb - loudnessDb) * (1 - std::exp(-kBlockS / (nowDb > loudnessDb ? attackS : releaseS)));
        const double next = std::pow(10.0, std::clamp(kAimDb - loudnessDb, -15.0, 30.0) / 20);
        for (std::size_t i = from; i < to; ++i) {
            const double share = static_cast<double>(i - from) / static_cast<double>(block);
            sound.samples[i] *= static_cast<float>(gain + (next - gain) * share);
        }
        gain = next;
    }
    float most = 0;
    for (const float v : sound.samples) most = std::max(most, std::abs(v));
    if (most > 0.97F)
        for (float& v : sound.samples) v *= 0.97F / most;
}

}  // namespace upbeat::bench
