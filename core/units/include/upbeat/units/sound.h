#pragma once

#include <span>
#include <vector>

namespace upbeat {

/// A mono recording: samples in -1..1 full scale and how many of them make a second.
struct Sound {
    std::vector<float> samples;
    int sampleRate = 48000;

    [[nodiscard]] double durationS() const { return static_cast<double>(samples.size()) / sampleRate; }
    [[nodiscard]] std::span<const float> view() const { return samples; }
};

}  // namespace upbeat
