#include "upbeat/music/click_sound.h"

#include <array>
#include <cmath>
#include <numbers>

namespace upbeat {

namespace {

struct Timbre {
    double pitch;   ///< Against the sine's.
    double second;  ///< Share of the octave,
    double third;   ///< and of the twelfth.
    double glide;   ///< How far the pitch falls in 10 ms.
};

constexpr std::array<Timbre, kClickTones> kTimbres{
    {{1, 0, 0, 0}, {0.5, 0.2, 0, 0}, {0.75, 0.4, 0.3, 0}, {1.6, 0, 0, 0.4}}};

}  // namespace

std::vector<float> clickSound(ClickKind kind, int sampleRate, ClickTone tone) {
    const Timbre& timbre = kTimbres.at(static_cast<std::size_t>(tone));
    const double pitchHz = timbre.pitch * (kind == ClickKind::Bar ? 1760.0 : 1318.5);
    const double gain = (kind == ClickKind::Subdivision ? 0.45 : 1.0) / (1 + timbre.second + timbre.third);
    const auto length = static_cast<std::size_t>(0.030 * sampleRate);
    std::vector<float> wave(length);
    for (std::size_t i = 0; i < length; ++i) {
        const double t = static_cast<double>(i) / sampleRate;
        const double swell = 1.0 - std::exp(-t / 0.0004);
        const double decay = std::exp(-t / 0.006);
        const double phase = 2.0 * std::numbers::pi * pitchHz * t * (1 - timbre.glide * t / 0.020);
        const double sum = std::sin(phase) + timbre.second * std::sin(2 * phase) + timbre.third * std::sin(3 * phase);
        wave[i] = static_cast<float>(gain * swell * decay * sum);
    }
    return wave;
}

std::vector<std::vector<float>> clickSounds(int sampleRate, ClickTone tone) {
    std::vector<std::vector<float>> waves;
    for (const ClickKind kind : {ClickKind::Bar, ClickKind::Beat, ClickKind::Subdivision})
        waves.push_back(clickSound(kind, sampleRate, tone));
    return waves;
}

}  // namespace upbeat
