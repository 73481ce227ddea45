#pragma once

#include <array>
#include <atomic>
#include <cstdint>
#include <span>
#include <vector>

#include "upbeat/audio/pre_roll.h"
#include "upbeat/audio/spsc_ring.h"
#include "upbeat/audio/stream.h"
#include "upbeat/audio/take_clock.h"
#include "upbeat/audio/take_plan.h"

namespace upbeat {

/// Frames that the device lost or delivered too late, counted from the start of the take.
struct LostFrames {
    std::int64_t at = 0;
    std::int64_t count = 0;    ///< Missing frames: the recording holds zeros there.
    std::int64_t damaged = 0;  ///< Frames after those that are there but cannot be trusted.
};

/// The part of a take that lives on the audio thread: plays the click at exact samples and hands the input to the
/// writer through a ring. Made before the take, driven by `process`, read by the writer; nothing here allocates after
/// construction.
class RecordingRun {
  public:
    RecordingRun(TakePlan plan, int sampleRate);

    /// Audio thread, before `process`: a take whose beat 1 was struck already begins in what came before this cycle, as
    /// far as that is kept. Nothing happens to one that has begun or begins as usual.
    void beginIn(const PreRoll& before, const Cycle& cycle) noexcept;

    /// Audio thread. The first call fixes the start of the take.
    void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept;

    /// Audio thread: a note of the stream. Notes before the take are not part of it.
    void note(const StruckNote& note) noexcept;

    /// Any thread: end before the last bar.
    void stop() noexcept { m_stop.store(true, std::memory_order_release); }
    /// Any thread, during the take: the click does not leak in, so nothing needs to follow the last bar.
    void endWithTheLastBar() noexcept { m_isShort.store(true); }
    /// True once the audio thread has handed over the last sample.
    [[nodiscard]] bool isFinished() const noexcept { return m_finished.load(std::memory_order_acquire); }
    /// Stream position of the take's first frame, -1 before it is known.
    [[nodiscard]] std::int64_t startPosition() const noexcept { return m_start.load(std::memory_order_acquire); }
    /// Frames of the take that have passed.
    [[nodiscard]] std::int64_t framesPassed() const noexcept { return m_passed.load(std::memory_order_acquire); }
    [[nodiscard]] bool wasStopped() const noexcept { return m_stop.load(std::memory_order_acquire); }

    [[nodiscard]] const TakePlan& plan() const { return m_plan; }
    [[nodiscard]] int sampleRate() const { return m_sampleRate; }
    [[nodiscard]] std::int64_t totalFrames() const { return m_total.load(); }

    /// The writer is seconds behind. A device that can wait (simulated, offline) should; a real one cannot.
    [[nodiscard]] bool isBackedUp() const noexcept { return m_samples.size() > m_samples.capacity() / 2; }

    // Writer thread.
    [[nodiscard]] SpscRing<float>& samples() { return m_samples; }
    [[nodiscard]] SpscRing<LostFrames>& losses() { return m_losses; }
    [[nodiscard]] SpscRing<StruckNote>& notes() { return m_notes; }

  private:
    void playClicks(std::span<float> out, std::int64_t from) noexcept;
    void speak(std::span<float> out, std::int64_t from) const noexcept;
    void handOver(std::span<const float> in, std::int64_t from) noexcept;
    void report(const LostFrames& lost) noexcept { (void)m_losses.push(std::span(&lost, 1)); }

    TakePlan m_plan;
    int m_sampleRate;
    std::int64_t m_shortest;
    std::atomic<std::int64_t> m_total;
    std::atomic<bool> m_isShort{false};
    std::vector<std::vector<float>> m_clickSounds;
    std::int64_t m_nextClick = 0;
    std::int64_t m_silentBefore = 0;
    TakeClock m_clock;
    SpscRing<float> m_samples;
    SpscRing<LostFrames> m_losses;
    SpscRing<StruckNote> m_notes;
    std::atomic<std::int64_t> m_start{-1};
    std::atomic<std::int64_t> m_passed{0};
    std::atomic<bool> m_stop{false};
    std::atomic<bool> m_finished{false};
};

}  // namespace upbeat
