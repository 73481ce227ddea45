#pragma once

#include <memory>
#include <span>
#include <vector>

#include "upbeat/voices/taught_kit.h"

namespace upbeat {

/// Says which voices sound in a hit, after a taught kit: non-negative decomposition with fixed bases. Each voice is
/// known by how its energy is spread over the bands and over the first 18 ms, soft and loud. A hit is what rang before
/// plus a few voices, each with a gain of its own, at most two hands and two feet; the gains are the most likely ones
/// under the Itakura-Saito distance (multiplicative updates, Fevotte et al. 2009), and the set of voices is the one
/// that leaves the least to explain, every further voice costing a price. The page is not known here.
class VoiceFinder {
  public:
    /// Voices taught with fewer than kFewestTaught strokes are not looked for.
    explicit VoiceFinder(const TaughtKit& kit);
    ~VoiceFinder();
    VoiceFinder(VoiceFinder&&) noexcept;
    VoiceFinder& operator=(VoiceFinder&&) noexcept;

    /// One hit for every voice in every hit, in order of time, each with `voice`, onset and level of its own. The voice
    /// a hit is known by keeps the hit's strength; the others have one that follows from how much they explain, so that
    /// doubtful ones count only where the page asks for them. Parts of a mixture carry no patch. Hits without a patch
    /// come back as they are.
    [[nodiscard]] std::vector<Hit> separate(std::span<const Hit> hits) const;

    /// False when fewer than two voices were taught: then there is nothing to tell apart.
    [[nodiscard]] bool canTellApart() const;

  private:
    class Work;
    std::unique_ptr<Work> m_work;
};

}  // namespace upbeat
