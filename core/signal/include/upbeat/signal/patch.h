#pragma once

#include <array>
#include <span>

#include "upbeat/signal/band_steps.h"

namespace upbeat {

inline constexpr std::size_t kPatchBefore = 40;  ///< Frames before the novelty peak: 20 ms.
inline constexpr std::size_t kPatchAfter = 40;   ///< Frames from it onwards: 20 ms.
inline constexpr std::size_t kPatchFrames = kPatchBefore + kPatchAfter;

/// What was heard around a hit: the band energies of every half millisecond.
/// Small enough to be kept for every hit of a take; all that later looks at a stroke's shape or colour works from it.
class Patch {
  public:
    /// Frames missing at either end of `frames` are silence; `middle` is the frame of the novelty peak in it.
    void fill(std::span<const BandEnergy> frames, std::size_t middle);

    [[nodiscard]] bool isEmpty() const { return m_empty; }
    /// Mean of squares in a band, full scale 1; `frame` counts from the start of the patch.
    [[nodiscard]] float energy(std::size_t frame, std::size_t band) const { return energyOfStep(m_steps[frame][band]); }
    /// Mean over the frames [from, to) as far as the patch reaches; 0 where it does not.
    [[nodiscard]] float meanEnergy(std::size_t band, int from, int to) const;
    [[nodiscard]] const std::array<BandSteps, kPatchFrames>& steps() const { return m_steps; }
    void setSteps(const std::array<BandSteps, kPatchFrames>& steps) { m_steps = steps, m_empty = false; }

    friend bool operator==(const Patch&, const Patch&) = default;

  private:
    std::array<BandSteps, kPatchFrames> m_steps{};
    bool m_empty = true;
};

}  // namespace upbeat
