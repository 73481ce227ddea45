#pragma once

#include <span>
#include <vector>

#include "upbeat/align/events.h"
#include "upbeat/align/match.h"

namespace upbeat {

inline constexpr double kOneSyllableS = 0.060;  ///< A syllable begins several times in it.

/// The strokes of a unison that were heard as a second sound, up to 45 ms before or behind the one that was matched.
struct UnisonHalf {
    std::size_t event = 0;
    int hit = kNone;           ///< The other sound.
    std::vector<int> written;  ///< Indices into the page of what it plays; the rest of the event keeps its own hit.
                               ///< Empty where nobody can tell which of the two sounds plays which voice.
    bool cymbals = false;      ///< Both ring: where the second began is best told by the detector alone.
    bool byChance = false;     ///< Somebody speaks or taps in this take, and this is rather that than a stroke.
};

/// Looks beside every unison for a hit that nothing explains and that the voices written together do. Which voice is
/// which, the sounds tell: how a voice divides between low and high where it comes alone in this take, else as drums of
/// its kind do; of two cymbals, how far a voice rises above all others (Hit::topDb) where it comes alone. A second
/// sound that the first one's voice could have made by itself, as wires answer a stick, is left.
[[nodiscard]] std::vector<UnisonHalf> findUnisonHalves(std::span<const PageEvent> events,
                                                       const std::vector<Voice>& voiceOfStroke,
                                                       std::span<const Hit> hits, std::span<const Sounding> soundings,
                                                       const Assignment& found);

}  // namespace upbeat
