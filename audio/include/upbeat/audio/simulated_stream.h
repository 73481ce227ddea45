#pragma once

#include <mutex>
#include <optional>
#include <thread>

#include "upbeat/audio/engine.h"
#include "upbeat/audio/simulated_source.h"
#include "upbeat/audio/spsc_ring.h"
#include "upbeat/audio/stream.h"

namespace upbeat {

/// The simulated player as an input. What the program plays goes out through a real device where there is one, which
/// then sets the pace; without one it runs in real time on a thread of its own and is silent. When the machine stalls
/// it catches up; no frame is ever lost.
class SimulatedStream : public DuplexStream {
  public:
    /// Streams that only play, to be tried in order.
    using Speakers = std::vector<std::unique_ptr<DuplexStream>>;
    /// `engine` tells which take runs. `speed` above 1 runs faster than real time, and silently (for tests).
    SimulatedStream(const AudioEngine& engine, Character character, std::uint64_t seed, double speed = 1.0,
                    Speakers speakers = {});
    ~SimulatedStream() override;
    SimulatedStream(const SimulatedStream&) = delete;
    SimulatedStream& operator=(const SimulatedStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override;
    void stop() override;
    [[nodiscard]] int sampleRate() const override { return m_sampleRate; }
    [[nodiscard]] int periodFrames() const override { return 256; }
    [[nodiscard]] bool hasOutput() const override { return m_speaker != nullptr || m_speed > 1; }
    [[nodiscard]] std::string name() const override { return nameOf(SimulatedInput{}); }

    /// From the next take on.
    void setCharacter(const Character& character);

  private:
    /// Hands over to the device what was made ahead.
    class Feed : public AudioProcess {
      public:
        void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept override;
        SpscRing<float> ahead{1 << 14};
    };
    void openSpeaker();
    void run(const std::stop_token& token, AudioProcess& process);
    [[nodiscard]] bool speakerIsFull() const;

    const AudioEngine& m_engine;
    Character m_character;
    std::uint64_t m_seed;
    double m_speed;
    Speakers m_speakers;
    std::unique_ptr<DuplexStream> m_speaker;
    Feed m_feed;
    int m_sampleRate = 48000;
    std::mutex m_mutex;
    std::optional<SimulatedSource> m_source;
    std::jthread m_thread;
};

}  // namespace upbeat
