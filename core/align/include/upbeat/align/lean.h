#pragma once

#include <optional>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// How a sound divides between the low bands (below 700 Hz) and the high ones (from 3 kHz on), in dB above -120.
struct BandLean {
    double lowDb = 0;
    double highDb = 0;
    bool whole = false;  ///< Something rose in both: what rings already hides how a sound divides.

    [[nodiscard]] double upwards() const { return highDb - lowDb; }
};

/// Nothing where the colour is not known. What rose nowhere in a range is taken to lie 40 dB below the strongest band.
[[nodiscard]] std::optional<BandLean> leanOf(const Hit& hit);

/// How a drum of that kind divides, roughly: `BandLean::upwards`.
[[nodiscard]] double usualLean(Voice voice);

}  // namespace upbeat
