#pragma once

#include <span>
#include <vector>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// The course of a voice's energy from its onset on, frame by frame, as if its level were 0 dBFS.
struct Course {
    static constexpr int kFrames = 40;
    std::array<std::array<float, kFrames>, kBands> energy{};
};

[[nodiscard]] Course courseOf(std::span<const Hit> strokes);

/// One voice of a mixture: what it sounds like, how loud it is, and about when it begins (frames after the hit's
/// onset).
struct PartTime {
    const Course* course = nullptr;
    float gain = 0;
    double delay = 0;
};

/// Moves the parts of a mixture in time until the energies of the hit's patch are most likely, in half frames (0.25 ms)
/// and a parabola; in every band the parts are scaled together to the energy that was heard. Up to `endFrames` after
/// the onset, where the next hit begins. At least two parts.
void findPartTimes(const Hit& hit, std::vector<PartTime>& parts, int endFrames);

}  // namespace upbeat
