#pragma once

#include <array>
#include <cstdint>
#include <span>

#include "upbeat/signal/band_bank.h"

namespace upbeat {

inline constexpr std::size_t kPatchBefore = 40;  ///< Frames before the novelty peak: 20 ms.
inline constexpr std::size_t kPatchAfter = 40;   ///< Frames from it onwards: 20 ms.
inline constexpr std::size_t kPatchFrames = kPatchBefore + kPatchAfter;

/// What was heard around a hit: the band energies of every half millisecond, in steps of half a decibel above -120 dB.
/// Small enough to be kept for every hit of a take; all that later looks at a stroke's shape or colour works from it.
class Patch {
  public:
    /// Frames missing at either end of `frames` are silence; `middle` is the frame of the novelty peak in it.
    void fill(std::span<const BandEnergy> frames, std::size_t middle);

    [[nodiscard]] bool isEmpty() const { return m_empty; }
    /// Mean of squares in a band, full scale 1; `frame` counts from the start of the patch.
    [[nodiscard]] float energy(std::size_t frame, std::size_t band) const;

    friend bool operator==(const Patch&, const Patch&) = default;

  private:
    std::array<std::array<std::uint8_t, kBands>, kPatchFrames> m_steps{};
    bool m_empty = true;
};

}  // namespace upbeat
