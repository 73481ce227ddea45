#pragma once

#include <array>
#include <memory>
#include <span>

#include "upbeat/signal/band_steps.h"

namespace upbeat {

inline constexpr std::size_t kPatchBefore = 40;  ///< Frames before the novelty peak: 20 ms.
inline constexpr std::size_t kPatchAfter = 40;   ///< Frames from it onwards: 20 ms.
inline constexpr std::size_t kPatchFrames = kPatchBefore + kPatchAfter;

/// What was heard around a hit: the band energies of every half millisecond.
/// Small enough to be kept for every hit of a take; all that later looks at a stroke's shape or colour works from it.
/// Copies share what was heard, which never changes.
class Patch {
  public:
    using Steps = std::array<BandSteps, kPatchFrames>;

    /// Frames missing at either end of `frames` are silence; `middle` is the frame of the novelty peak in it.
    void fill(std::span<const BandEnergy> frames, std::size_t middle);

    [[nodiscard]] bool isEmpty() const { return m_steps == nullptr; }
    /// Mean of squares in a band, full scale 1; `frame` counts from the start of the patch.
    [[nodiscard]] float energy(std::size_t frame, std::size_t band) const { return energyOfStep(steps()[frame][band]); }
    /// Mean over the frames [from, to) as far as the patch reaches; 0 where it does not.
    [[nodiscard]] float meanEnergy(std::size_t band, int from, int to) const;
    /// All 0 where it is empty.
    [[nodiscard]] const Steps& steps() const { return m_steps ? *m_steps : kSilence; }
    void setSteps(const Steps& steps) { m_steps = std::make_shared<const Steps>(steps); }

    friend bool operator==(const Patch& a, const Patch& b) {
        return a.isEmpty() == b.isEmpty() && (a.m_steps == b.m_steps || a.steps() == b.steps());
    }

  private:
    static constexpr Steps kSilence{};
    std::shared_ptr<const Steps> m_steps;
};

}  // namespace upbeat
