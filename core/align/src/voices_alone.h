#pragma once

#include <array>
#include <optional>
#include <span>
#include <vector>

#include "upbeat/align/events.h"
#include "upbeat/align/match.h"

namespace upbeat {

inline constexpr double kFarthestHalfS = 0.045;    ///< What comes later is no other half of a unison.
inline constexpr double kLeastHalfStrength = 3.0;  ///< The page asks for it, and it must sound like its voice.
inline constexpr double kGlintDb = 6.0;  ///< A cymbal that strikes while another rings may only rise in the top band.

/// How sure a second sound is, in the unit of `strength`, where drums and where two cymbals are written together.
[[nodiscard]] double sureOfDrum(const Hit& hit);
[[nodiscard]] double sureOfCymbal(const Hit& hit);

/// What followed the strokes of a voice where they came alone.
struct Followers {
    std::size_t strokes = 0;
    std::vector<double> lagsS;

    /// Whether it is usual that a drum is heard again after that time.
    [[nodiscard]] bool areUsualAfter(double lagS) const;
};

/// What a take tells of a voice where nothing is written with it.
struct KnownVoice {
    double upwards = 0;            ///< Else as drums of its kind lean (lean.h).
    std::optional<double> highDb;  ///< Where it came alone often enough.
    std::optional<double> topDb;   ///< Likewise.
    Followers answers;             ///< Of clear strokes: another sound.
    Followers shines;              ///< Of those over what rings, too: another sound, or a rise in the top band.
};

/// By instrument.
using KnownVoices = std::array<KnownVoice, kVoiceCount>;

/// Learns from the strokes that were found; `soundings` are the hits in the time of the page.
[[nodiscard]] KnownVoices learnVoices(std::span<const PageEvent> events, std::span<const Hit> hits,
                                      std::span<const Sounding> soundings, const Assignment& found);

}  // namespace upbeat
