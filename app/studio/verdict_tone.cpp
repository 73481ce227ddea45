#include "studio/verdict_tone.h"

#include <cmath>
#include <numbers>
#include <vector>

namespace upbeat {

namespace {

std::vector<double> pitchesHz(Action action) {
    switch (action) {
        case Action::Up:
            return {440.0, 554.4, 659.3};
        case Action::Again:
            return {440.0, 440.0};
        case Action::Isolate:
            return {440.0, 523.3, 440.0};
        case Action::Back:
        case Action::Easier:
            return {440.0, 349.2};
    }
    return {};
}

}  // namespace

Sound verdictTone(Action action, int sampleRate) {
    Sound sound{{}, sampleRate};
    constexpr double kNoteS = 0.18;
    const auto length = static_cast<std::size_t>(kNoteS * sampleRate);
    for (const double hz : pitchesHz(action)) {
        for (std::size_t i = 0; i < length; ++i) {
            const double t = static_cast<double>(i) / sampleRate;
            const double shape = std::min({1.0, t / 0.01, (kNoteS - t) / 0.03});
            sound.samples.push_back(static_cast<float>(0.25 * shape * std::sin(2 * std::numbers::pi * hz * t)));
        }
    }
    return sound;
}

}  // namespace upbeat
