#pragma once

#include <cstdint>
#include <optional>
#include <vector>

#include "upbeat/signal/patch.h"
#include "upbeat/units/voice.h"

namespace upbeat {

/// One stroke heard in a take.
struct Hit {
    double timeS = 0;       ///< Onset: start of the rise, seconds from the start of the take.
    double levelDb = -120;  ///< Largest 5 ms RMS within 30 ms of the onset, dBFS, less what was ringing before.
    double strength = 0;    ///< Novelty behind the detection, in standard errors over the bands; larger is surer.
    double contrastDb = 0;  ///< Peak of the rise over what sounded before, in the band where it shows best.
    bool clipped = false;   ///< The level is a lower bound: the recording was at full scale.
    std::optional<Voice> voice{};  ///< Where it is known: from MIDI, or told apart by a taught kit.
    bool exact = false;            ///< From MIDI: voice, time and level are what was sent.
    bool foreign = false;          ///< Unlike the strokes of its take: a voice, a chair. Not an extra stroke.
    bool refused = false;          ///< Foreign, and no stroke even where one is written.
    double unlike = 0;             ///< In a take with such sounds: log odds against its being a stroke, 0 to 2.
    double topDb = 0;              ///< How far it rises above all vowels (topRiseDb); 0 where that is not known.
    bool doubtful = false;         ///< The voice could as well be another one.
    std::uint32_t hides = 0;       ///< Bit by voice: what could have sounded with it unheard.
    double peakS = 0;    ///< Where the novelty peaks: the middle of the patch. The same for voices of one sound.
    Patch patch{};       ///< Band energies around the hit; empty for hits that come from a file.
    BandSteps colour{};  ///< How its first 18 ms rose in each band; all 0 where it is not known.
    BandSteps ring{};    ///< What sounds from 20 to 60 ms after it; all 0 where the next hit comes sooner.

    friend bool operator==(const Hit&, const Hit&) = default;
};

/// Hits of at least this strength stand on their own; weaker ones count only where the page asks for a stroke.
inline constexpr double kFirmStrength = 15.0;

/// The hits as they are stored: what was heard around them has served its purpose, their colour stays.
[[nodiscard]] inline std::vector<Hit> withoutPatches(std::vector<Hit> hits) {
    for (Hit& hit : hits) hit.patch = {}, hit.ring = {}, hit.topDb = 0;
    return hits;
}

[[nodiscard]] constexpr std::uint32_t bitOf(Voice voice) {
    return std::uint32_t{1} << static_cast<unsigned>(voice);
}

[[nodiscard]] inline bool isKnown(const BandSteps& steps) {
    return steps != BandSteps{};
}

/// 0 to 1 for display and export: 0.5 at the firm threshold.
[[nodiscard]] constexpr double confidence(const Hit& hit) {
    return hit.strength / (hit.strength + kFirmStrength);
}

}  // namespace upbeat
