#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "upbeat/signal/low_sound.h"

namespace upbeat {

/// Hears a new stroke where the ring of the old ones cannot explain the sound. A drum that rings is a few decaying
/// modes: each sample follows from the ones before. A linear prediction of the sound below 2 kHz is fitted to the 40 ms
/// before a moment (Burg's method); what it leaves over in the 12 ms from there on is compared with what it left over
/// in the 20 ms before. The rise is near 0 where nothing new is heard, however loud the ring.
class RingMeter {
  public:
    explicit RingMeter(int sampleRate);

    /// One frame of half a millisecond (see kFrameS).
    void push(std::span<const float> frame);
    /// The rises at all frames since the last call, in dB and in order. One prediction serves for 8 ms of them. They
    /// come 12 to 20 ms after the sound.
    [[nodiscard]] std::vector<float> take();
    /// The rise at the start of a frame, in dB, by a prediction of its own; the sound is listened to before `endFrame`
    /// and as far as it was heard. 0 where less than 2 ms of it are known, or the 40 ms before are forgotten.
    [[nodiscard]] double riseDb(std::int64_t frame, std::int64_t endFrame) const;
    /// Of the sound only the last 200 ms are kept.
    void forgetOld();

  private:
    void measureBlock();

    LowSound m_lowPasses;
    std::vector<float> m_low;     // the sound below 2 kHz, two samples a frame: recent history
    std::int64_t m_firstLow = 0;  // number of m_low[0] in the take; silence before its start included
    std::int64_t m_next = 0;      // the first sample whose frame is not measured
    std::vector<float> m_rises;
};

}  // namespace upbeat
