#include "studio/listening.h"

#include <algorithm>
#include <cmath>

#include "upbeat/audio/stretch.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/player/render.h"

namespace upbeat {

namespace {

constexpr double kClickGain = 0.25;

Character faultless() {
    Character c;
    c.spreadMs = c.wanderMs = c.graceSpreadMs = 0;
    c.levelSpreadDb = {0, 0, 0};
    return c;
}

/// Lays the click, as it went in the take, over a part of it that begins at `fromS` of the recording.
void addClick(Sound& sound, const TakeRecord& take, double fromS) {
    const ClickPlan& plan = take.click;
    const double planStart = take.frame.firstBeatS + take.frame.latencyS - plan.firstBeat().value();
    for (const Click& click :
         clicksBetween(plan, std::max(0.0, fromS - planStart), fromS - planStart + sound.durationS())) {
        const auto wave = clickSound(click.kind, sound.sampleRate, plan.tone);
        const auto at = static_cast<std::size_t>(std::llround((planStart + click.timeS - fromS) * sound.sampleRate));
        for (std::size_t i = 0; i < wave.size() && at + i < sound.samples.size(); ++i)
            sound.samples[at + i] += static_cast<float>(kClickGain) * wave[i];
    }
}

}  // namespace

Sound idealSound(const TakeRecord& take, double fromS, double toS, bool withFeel) {
    const Exercise& e = take.exercise;
    const int passes = (take.frame.bars + e.bars - 1) / e.bars;
    Performance performance =
        perform(e, Bpm(take.frame.tempoBpm), std::max(1, passes), withFeel ? Character{} : faultless(), 1);
    const double start = fromS - take.frame.firstBeatS - take.frame.latencyS;
    const double length = std::max(0.0, toS - fromS);
    for (auto* hits : {&performance.hits, &performance.bounces}) {
        std::erase_if(*hits, [&](const PlayedHit& hit) { return hit.timeS < start || hit.timeS >= start + length; });
        for (PlayedHit& hit : *hits) hit.timeS -= start;
    }
    Recording recording;
    recording.sampleRate = take.sampleRate;
    recording.leadS = recording.tailS = 0;
    Sound sound = render(performance, length, recording).sound;
    // The simulated accents lie far below full scale; recordings are usually louder.
    constexpr float kLouder = 2.0F;
    for (float& v : sound.samples) v = std::clamp(kLouder * v, -1.0F, 1.0F);
    return sound;
}

Result<Sound> soundOf(const TakeView& take, const Listening& wish) {
    const double fromS = std::max(0.0, wish.fromS);
    Result<Sound> sound = wish.ideal ? Result<Sound>(idealSound(take.stored, fromS, wish.toS, wish.feel))
                                     : readSpan(take.soundFile.toStdString(), fromS, wish.toS);
    if (!sound) return sound;
    if (wish.click) addClick(*sound, take.stored, fromS);
    return stretched(*sound, 1 / wish.speed);
}

}  // namespace upbeat
