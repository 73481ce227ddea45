#pragma once

#include "upbeat/signal/hit.h"

namespace upbeat {

/// The onset as a frame of the hit's patch.
[[nodiscard]] double onsetFrame(const Hit& hit);

/// Energy of a band just before the hit: what rings on under it.
[[nodiscard]] float backgroundOf(const Hit& hit, std::size_t band);

/// How the first 18 ms rose above that in every band; 0 where what rang before drowns the band, and all 0 without a
/// patch. Where another sound follows sooner, `toNext` frames after the novelty peak, only what comes before it is
/// looked at.
[[nodiscard]] BandSteps colourOf(const Hit& hit, std::int64_t toNext);

}  // namespace upbeat
