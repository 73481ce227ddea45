#pragma once

#include <cstdint>
#include <map>
#include <utility>
#include <vector>

#include "upbeat/player/kit.h"
#include "upbeat/units/random.h"

namespace upbeat {

/// One synthesised stroke, alone, with its own true onset and level.
struct StrokeSound {
    std::vector<float> samples;
    double onset = 0;    ///< Samples from the start.
    double levelDb = 0;  ///< At gain 1.
};

/// Synthesises strokes of a kit. No two are alike: softer strokes are darker, and every stroke draws its own mode
/// amplitudes and noise. A dozen strokes per voice and hardness are made when first needed and then drawn from.
/// Not thread safe.
class StrokeBank {
  public:
    StrokeBank(Kit kit, int sampleRate, std::uint64_t seed);

    /// A stroke of the voice; `hardness` 0 (ghost) to 1 (accent).
    [[nodiscard]] const StrokeSound& draw(Voice voice, double hardness);

  private:
    Kit m_kit;
    int m_sampleRate;
    Random m_random;
    std::map<std::pair<int, int>, std::vector<StrokeSound>> m_strokes;
};

}  // namespace upbeat
