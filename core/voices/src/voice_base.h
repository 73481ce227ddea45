#pragma once

#include <array>
#include <vector>

#include "cells.h"
#include "part_times.h"
#include "upbeat/voices/taught_kit.h"

namespace upbeat {

/// Frames by which a voice may come after the onset of the hit. Before it only where that onset is not clear: the wires
/// of a soft snare are heard where its stick was lost.
inline constexpr std::array<int, 8> kDelays{0, 5, 10, 15, -5, -10, -15, -20};

/// Soft, middle and loud strokes of a voice, each as the median of some taught ones.
struct VoiceBase {
    Voice voice = Voice::Pad;
    std::array<Cells, kDelays.size()> cells{};
    Course course{};
    float softest = 0;  ///< Gain of the softest stroke it was taught with.
};

/// The bases of a taught voice; none where it was taught with too few strokes.
[[nodiscard]] std::vector<VoiceBase> basesOf(const TaughtVoice& taught);

}  // namespace upbeat
