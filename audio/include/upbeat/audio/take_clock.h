#pragma once

#include <cstdint>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// Where the cycles of a stream stand in a take: by the device's clock, which may jump both ways. What cannot be
/// bridged (cycles of another length, another clock, a jump of more than ten seconds) is placed by counting on, and
/// everything from there on is damaged: the way from the loudspeaker to the microphone may be another one. Audio
/// thread.
class TakeClock {
  public:
    explicit TakeClock(int sampleRate) : m_bridge(std::int64_t{10} * sampleRate) {}

    /// Frames of the take.
    struct Placed {
        std::int64_t from = 0;  ///< Of the cycle's first frame.
        std::int64_t gap = 0;   ///< Frames before it that never came.
        std::int64_t skip = 0;  ///< Frames of the cycle that an earlier one has delivered: not to be written again.
    };
    /// Before the first cycle: frame 0 of the take stands at `origin` and everything before this cycle is placed.
    void beginAt(std::int64_t origin, const Cycle& cycle) noexcept;
    Placed place(const Cycle& cycle, std::int64_t frames) noexcept;

    /// From the first cycle on that could not be bridged.
    [[nodiscard]] bool isBroken() const { return m_broken; }
    /// First frame after all that was placed.
    [[nodiscard]] std::int64_t expected() const { return m_expected; }
    /// Where a position of the stream stands in the take.
    [[nodiscard]] std::int64_t inTake(std::int64_t position) const { return position - m_origin; }

  private:
    void countOn(const Cycle& cycle) noexcept;

    std::int64_t m_bridge;
    std::int64_t m_origin = 0;  // position of the stream that is the take's frame 0
    std::int64_t m_frames = 0;  // in a cycle; 0 before the first
    int m_clock = 0;
    std::int64_t m_expected = 0;
    bool m_hasBegun = false;
    bool m_broken = false;
};

}  // namespace upbeat
