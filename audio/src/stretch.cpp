#include "upbeat/audio/stretch.h"

#include <rubberband/RubberBandStretcher.h>

#include <vector>

namespace upbeat {

Sound stretched(const Sound& sound, double factor) {
    if (sound.samples.empty() || !(factor >= 0.25 && factor <= 4) || factor == 1) return sound;
    using RubberBand::RubberBandStretcher;
    RubberBandStretcher stretcher(static_cast<std::size_t>(sound.sampleRate), 1,
                                  RubberBandStretcher::OptionTransientsCrisp, factor);
    stretcher.setMaxProcessSize(sound.samples.size());
    const float* in = sound.samples.data();
    stretcher.study(&in, sound.samples.size(), true);
    stretcher.process(&in, sound.samples.size(), true);
    Sound out;
    out.sampleRate = sound.sampleRate;
    while (stretcher.available() > 0) {
        const auto count = static_cast<std::size_t>(stretcher.available());
        const std::size_t from = out.samples.size();
        out.samples.resize(from + count);
        float* to = out.samples.data() + from;
        out.samples.resize(from + stretcher.retrieve(&to, count));
    }
    return out;
}

}  // namespace upbeat
