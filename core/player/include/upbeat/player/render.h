#pragma once

#include <cstdint>
#include <optional>
#include <vector>

#include "upbeat/music/click_plan.h"
#include "upbeat/player/perform.h"
#include "upbeat/player/stroke_bank.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// The place and the microphone a performance is recorded with.
struct Recording {
    int sampleRate = 48000;
    std::uint64_t kitSeed = 1;
    double leadS = 0.5;  ///< Silence before the first beat.
    double tailS = 1.0;
    bool hardKit = false;  ///< See makeHardKit.
    double rt60S = 0;      ///< 0: no room.
    double roomGain = 0.25;
    double noiseDb = -80;  ///< Pink noise, RMS dBFS.
    double humDb = -120;   ///< 50 Hz, RMS dBFS.
    double dc = 0;
    double gainDb = 0;               ///< Applied last; above 0 it clips.
    std::optional<ClickPlan> bleed;  ///< The click heard in the microphone, beat 1 on beat 1.
    double bleedDb = -40;            ///< Peak of a bled click, dBFS.
};

/// A hit as it came out of the speakers: where it truly starts and how loud it truly is.
struct TrueHit {
    PlayedHit played;
    double timeS = 0;  ///< From the start of the file, by the definition of the onset.
    double levelDb = 0;
};

struct RenderedTake {
    Sound sound;
    double firstBeatS = 0;
    std::vector<TrueHit> hits;
    std::vector<TrueHit> bounces;  ///< Of closed rolls.
};

/// Renders a performance to sound. Strokes are laid at whole samples; the true time is that of the stroke as laid.
[[nodiscard]] RenderedTake render(const Performance& performance, double durationS, const Recording& recording);

/// How hard a stroke of this level is struck, 0 to 1.
[[nodiscard]] double hardnessOf(Level level);

}  // namespace upbeat
