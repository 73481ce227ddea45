#pragma once

#include <array>
#include <span>

#include "upbeat/signal/band_bank.h"

namespace upbeat {

/// Frames are half a millisecond; windows below count frames.
inline constexpr double kFrameS = 0.0005;
inline constexpr std::size_t kBeforeFrames = 24;
inline constexpr std::size_t kAfterFrames = 14;
inline constexpr std::size_t kShortAfterFrames = 4;

/// Compares the frames before a moment with the frames after it, band by band. Each band's rise in dB is counted in
/// standard errors: a log energy over a window of T seconds in a band of B Hz is known to about 4.34 / sqrt(B T) dB.
/// A short window sees sticks on metal, a long one drums that speak slowly over a ringing tail; the better one counts.
/// Energies below -97 dBFS are taken as silence.
class NoveltyMeter {
  public:
    explicit NoveltyMeter(int sampleRate);

    /// Sum over the bands of the rises in standard errors, each capped; 0 when nothing rises.
    /// Both spans hold at least one frame.
    [[nodiscard]] double strength(std::span<const BandEnergy> before, std::span<const BandEnergy> after) const;

  private:
    std::array<float, kBands> m_shortErrorDb{};
    std::array<float, kBands> m_longErrorDb{};
};

}  // namespace upbeat
