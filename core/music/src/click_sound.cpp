#include "upbeat/music/click_sound.h"

#include <cmath>
#include <numbers>

namespace upbeat {

std::vector<float> clickSound(ClickKind kind, int sampleRate) {
    const double pitchHz = kind == ClickKind::Bar ? 1760.0 : 1318.5;
    const double gain = kind == ClickKind::Subdivision ? 0.45 : 1.0;
    const auto length = static_cast<std::size_t>(0.030 * sampleRate);
    std::vector<float> wave(length);
    for (std::size_t i = 0; i < length; ++i) {
        const double t = static_cast<double>(i) / sampleRate;
        const double swell = 1.0 - std::exp(-t / 0.0004);
        const double decay = std::exp(-t / 0.006);
        wave[i] = static_cast<float>(gain * swell * decay * std::sin(2.0 * std::numbers::pi * pitchHz * t));
    }
    return wave;
}

}  // namespace upbeat
