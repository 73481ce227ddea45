#pragma once

#include <atomic>
#include <memory>
#include <mutex>
#include <vector>

#include "upbeat/audio/pre_roll.h"
#include "upbeat/audio/probe_run.h"
#include "upbeat/audio/recording_run.h"
#include "upbeat/audio/stream.h"
#include "upbeat/units/sound.h"

namespace upbeat {

/// What a stream runs: at most one take and one sound being played. The control thread sets them, the audio thread uses
/// them; an object the audio thread may still hold is kept until two more cycles have passed.
class AudioEngine : public AudioProcess {
  public:
    void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept override;
    void note(const StruckNote& note) noexcept override;
    void switched(int controller) noexcept override;

    // Control thread.
    void startRun(std::shared_ptr<RecordingRun> run);
    void clearRun();
    [[nodiscard]] std::shared_ptr<RecordingRun> currentRun() const;

    /// Runs a probe, or lets what comes in be heard, until another call or null.
    void probe(std::shared_ptr<ProbeRun> probe) { swap(m_probe, m_activeProbe, std::move(probe)); }
    void tap(std::shared_ptr<InputTap> tap) { swap(m_tap, m_activeTap, std::move(tap)); }
    /// Ends it, unless somebody else has begun to listen meanwhile.
    void untap(const std::shared_ptr<InputTap>& tap) {
        if (m_activeTap.load() == tap.get()) swap(m_tap, m_activeTap, {});
    }
    /// Where what came in before a take is kept.
    void keepIn(std::shared_ptr<PreRoll> preRoll) { swap(m_preRoll, m_activePreRoll, std::move(preRoll)); }

    /// Plays a sound, mixed into whatever runs, once or round and round; a second call replaces the first.
    void play(std::shared_ptr<const Sound> sound, double gain, bool loop = false);
    void stopPlaying();
    [[nodiscard]] bool isPlaying() const { return m_playing.load() != nullptr; }
    /// Seconds of the sound that have been played, in this round of a loop.
    [[nodiscard]] double playedS() const;

    /// Loudest input sample, or hardest note, since the last call, 0 to 1: the level meter between takes.
    [[nodiscard]] float newPeak() { return m_peak.exchange(0.0F); }
    /// What a MIDI instrument did last since the last call: a note from 1 (its key and one), a controller that was
    /// switched on from 129; 0 for nothing.
    [[nodiscard]] int newSwitch() { return m_lastSwitch.exchange(0); }
    [[nodiscard]] std::int64_t cycles() const { return m_cycles.load(); }

  private:
    struct Playback {
        std::shared_ptr<const Sound> sound;
        float gain = 1;
        bool loop = false;
        std::atomic<std::size_t> next{0};
    };
    struct Retired {
        std::int64_t cycle;
        std::shared_ptr<void> object;
    };
    void retire(std::shared_ptr<void> object);
    template <class Thing>
    void swap(std::shared_ptr<Thing>& owned, std::atomic<Thing*>& active, std::shared_ptr<Thing> next) {
        const std::lock_guard lock(m_control);
        if (owned) retire(owned);
        owned = std::move(next);
        active.store(owned.get(), std::memory_order_release);
    }
    void playInto(std::span<float> out, Playback& playback) noexcept;

    std::atomic<RecordingRun*> m_active{nullptr};
    std::atomic<Playback*> m_playing{nullptr};
    std::atomic<ProbeRun*> m_activeProbe{nullptr};
    std::atomic<InputTap*> m_activeTap{nullptr};
    std::atomic<PreRoll*> m_activePreRoll{nullptr};
    std::atomic<std::int64_t> m_cycles{0};
    std::atomic<float> m_peak{0.0F};
    std::atomic<int> m_lastSwitch{0};

    mutable std::mutex m_control;  // never taken on the audio thread
    std::shared_ptr<RecordingRun> m_run;
    std::shared_ptr<Playback> m_playback;
    std::shared_ptr<ProbeRun> m_probe;
    std::shared_ptr<InputTap> m_tap;
    std::shared_ptr<PreRoll> m_preRoll;
    std::vector<Retired> m_retired;
};

}  // namespace upbeat
