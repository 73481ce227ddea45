#pragma once

#include <array>

#include "upbeat/signal/hit.h"

namespace upbeat {

using BandValues = std::array<double, kBands>;

/// What was heard around a hit, in dB by band.
struct Look {
    BandValues rise{};
    BandValues decay{};
    BandValues before{};
    BandValues slope{};
    BandValues balance{};
    BandValues sustain{};
    BandValues shape{};  ///< Of what it added, against all it added.
    double levelDb = 0;
    double strength = 0;
    double contrastDb = 0;
};

/// Of a hit with a patch.
[[nodiscard]] Look lookOf(const Hit& hit);
/// How far two sounds are apart, in dB.
[[nodiscard]] double apart(const Look& a, const Look& b);

}  // namespace upbeat
