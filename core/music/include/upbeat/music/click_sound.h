#pragma once

#include <vector>

#include "upbeat/music/click_plan.h"

namespace upbeat {

/// The waveform of one click at full level (peak about 1), 30 ms: a tone that swells for a moment and dies, too pure to
/// be taken for a drum. Bars, beats and subdivisions differ in pitch and level. Pure function: the recorder, the
/// simulated player's bleed and what is heard beside a take all use the same waveform.
[[nodiscard]] std::vector<float> clickSound(ClickKind kind, int sampleRate, ClickTone tone = ClickTone::Sine);

/// Those of every kind, by its number.
[[nodiscard]] std::vector<std::vector<float>> clickSounds(int sampleRate, ClickTone tone = ClickTone::Sine);

}  // namespace upbeat
