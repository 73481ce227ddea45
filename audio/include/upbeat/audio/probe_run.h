#pragma once

#include <atomic>
#include <memory>
#include <vector>

#include "upbeat/audio/spsc_ring.h"
#include "upbeat/audio/stream.h"
#include "upbeat/audio/take_clock.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// Plays a sound once and records what comes in meanwhile, frame for frame: to measure the way round. Made before;
/// nothing here allocates on the audio thread.
class ProbeRun {
  public:
    explicit ProbeRun(std::shared_ptr<const Sound> played);

    /// Audio thread.
    void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept;

    /// Any thread: that was enough.
    void stop() noexcept { m_stop.store(true, std::memory_order_release); }
    /// Any thread.
    [[nodiscard]] bool isFinished() const noexcept { return m_finished.load(std::memory_order_acquire); }
    /// Whether the device dropped something: then nothing can be told from it. Only when finished.
    [[nodiscard]] bool isDamaged() const { return m_damaged; }
    /// As long as what was played. Only when finished.
    [[nodiscard]] const Sound& recorded() const { return m_recorded; }
    /// Where a position of the stream stands in the recording, frames. Only when finished.
    [[nodiscard]] std::int64_t inRecording(std::int64_t position) const { return m_clock.inTake(position); }

  private:
    std::shared_ptr<const Sound> m_played;
    Sound m_recorded;
    TakeClock m_clock;
    std::size_t m_next = 0;
    bool m_damaged = false;
    std::atomic<bool> m_stop{false};
    std::atomic<bool> m_finished{false};
};

/// What comes in between takes, for whoever wants to hear it: seconds of it, and the notes.
struct InputTap {
    explicit InputTap(int sampleRate) : samples(static_cast<std::size_t>(4) * static_cast<std::size_t>(sampleRate)) {}

    /// Audio thread.
    void push(std::span<const float> in, const Cycle& cycle) noexcept {
        if (start.load(std::memory_order_relaxed) < 0) start.store(cycle.position, std::memory_order_relaxed);
        (void)samples.push(in);
    }

    SpscRing<float> samples;
    SpscRing<StruckNote> notes{256};
    std::atomic<std::int64_t> start{-1};  ///< Position of the first sample in the stream; -1 before it.
};

}  // namespace upbeat
