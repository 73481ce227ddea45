#include "upbeat/player/render.h"

#include <algorithm>
#include <bit>
#include <cmath>
#include <limits>
#include <numbers>

#include "upbeat/music/click_sound.h"
#include "upbeat/player/damping.h"
#include "upbeat/player/room.h"

namespace upbeat {

namespace {

constexpr double kNothingDb = -110;  // RMS dBFS from which on there is noise or hum

double amplitude(double db) {
    return std::pow(10.0, db / 20.0);
}

void mixIn(std::vector<float>& out, std::span<const float> sound, std::int64_t at, double gain) {
    const auto first = static_cast<std::size_t>(std::max<std::int64_t>(0, -at));
    const auto room = static_cast<std::int64_t>(out.size()) - at;
    const auto last = std::min(sound.size(), static_cast<std::size_t>(std::max<std::int64_t>(0, room)));
    const auto factor = static_cast<float>(gain);
    for (std::size_t i = first; i < last; ++i)
        out[static_cast<std::size_t>(at + static_cast<std::int64_t>(i))] += factor * sound[i];
}

/// Voss-McCartney style pink noise: white noise at octave-spaced rates, summed.
void addPinkNoise(std::vector<float>& out, double rmsDb, Random& random) {
    if (rmsDb <= kNothingDb) return;
    constexpr std::size_t kRows = 12;
    std::array<double, kRows> rows{};
    const double gain = amplitude(rmsDb) / std::sqrt((kRows + 1) / 3.0);
    for (std::size_t i = 0; i < out.size(); ++i) {
        const auto row = static_cast<std::size_t>(std::countr_zero(i | (std::size_t{1} << (kRows - 1))));
        rows[row] = random.uniform(-1, 1);
        double sum = random.uniform(-1, 1);
        for (const double value : rows) sum += value;
        out[i] += static_cast<float>(gain * sum);
    }
}

void addHum(Sound& sound, double rmsDb, double dc) {
    if (rmsDb <= kNothingDb) {
        for (float& v : sound.samples) v += static_cast<float>(dc);
        return;
    }
    const double gain = amplitude(rmsDb) * std::numbers::sqrt2;
    for (std::size_t i = 0; i < sound.samples.size(); ++i) {
        const double phase = 2.0 * std::numbers::pi * 50.0 * static_cast<double>(i) / sound.sampleRate;
        sound.samples[i] += static_cast<float>(dc + gain * (std::sin(phase) + 0.3 * std::sin(3.0 * phase)));
    }
}

void addBleed(Sound& sound, const ClickPlan& plan, double firstBeatS, double peakDb) {
    const double start = firstBeatS - plan.firstBeat().value();
    for (const Click& click : clicksBetween(plan, 0.0, sound.durationS() - start)) {
        const auto at = static_cast<std::int64_t>(std::lround((start + click.timeS) * sound.sampleRate));
        mixIn(sound.samples, clickSound(click.kind, sound.sampleRate, plan.tone), at, amplitude(peakDb));
    }
}

}  // namespace

double hardnessOf(Level level) {
    switch (level) {
        case Level::Ghost:
            return 0.15;
        case Level::Tap:
            return 0.5;
        case Level::Accent:
            return 0.9;
    }
    return 0.5;
}

RenderedTake render(const Performance& performance, double durationS, const Recording& recording) {
    const int rate = recording.sampleRate;
    RenderedTake take;
    take.firstBeatS = recording.leadS;
    take.sound.sampleRate = rate;
    take.sound.samples.assign(static_cast<std::size_t>((recording.leadS + durationS + recording.tailS) * rate), 0.0F);
    StrokeBank bank(recording.hardKit ? makeHardKit(recording.kitSeed) : makeKit(recording.kitSeed), rate,
                    recording.kitSeed + 1000);
    const auto lay = [&](const PlayedHit& hit, double ringsS) -> TrueHit {
        const StrokeSound& stroke =
            bank.draw(hit.voice, hardnessOf(hit.role == Role::Grace ? Level::Ghost : hit.level));
        const double wanted = (recording.leadS + hit.timeS) * rate;
        const auto at = static_cast<std::int64_t>(std::lround(wanted - stroke.onset));
        const double gain = amplitude(hit.levelDb - stroke.levelDb);
        if (std::isfinite(ringsS)) {
            std::vector<float> damped = stroke.samples;
            for (std::size_t i = 0; i < damped.size(); ++i)
                damped[i] *= static_cast<float>(dampedGain((static_cast<double>(i) - stroke.onset) / rate, ringsS));
            mixIn(take.sound.samples, damped, at, gain);
        } else {
            mixIn(take.sound.samples, stroke.samples, at, gain);
        }
        return {hit, (static_cast<double>(at) + stroke.onset) / rate, hit.levelDb + recording.gainDb};
    };
    for (std::size_t i = 0; i < performance.hits.size(); ++i)
        take.hits.push_back(lay(performance.hits[i], ringS(performance.hits, i)));
    for (const PlayedHit& bounce : performance.bounces)
        take.bounces.push_back(lay(bounce, std::numeric_limits<double>::infinity()));
    take.sound = inRoom(std::move(take.sound), recording.rt60S, recording.roomGain);
    if (recording.bleed) addBleed(take.sound, *recording.bleed, take.firstBeatS, recording.bleedDb);
    Random random(recording.kitSeed ^ 0xABCDEFULL);
    addPinkNoise(take.sound.samples, recording.noiseDb, random);
    addHum(take.sound, recording.humDb, recording.dc);
    const auto gain = static_cast<float>(amplitude(recording.gainDb));
    for (float& v : take.sound.samples) v = std::clamp(v * gain, -1.0F, 1.0F);
    return take;
}

}  // namespace upbeat
