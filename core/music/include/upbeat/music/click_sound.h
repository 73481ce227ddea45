#pragma once

#include <vector>

#include "upbeat/music/click_plan.h"

namespace upbeat {

/// The waveform of one click at full level (peak 1): a short sine that swells for a moment and dies within 30 ms, too
/// pure to be taken for a drum. Bars, beats and subdivisions differ in pitch and level. Pure function: the recorder,
/// the simulated player's bleed and the canceller all use the same waveform.
[[nodiscard]] std::vector<float> clickSound(ClickKind kind, int sampleRate);

}  // namespace upbeat
