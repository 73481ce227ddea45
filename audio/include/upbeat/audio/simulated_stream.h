#pragma once

#include <mutex>
#include <thread>

#include "upbeat/audio/engine.h"
#include "upbeat/audio/simulated_source.h"
#include "upbeat/audio/stream.h"

namespace upbeat {

/// A device without hardware: runs in real time on a thread of its own, its input is the simulated player, its output
/// goes nowhere. When the machine stalls it catches up; no frame is ever lost.
class SimulatedStream : public DuplexStream {
  public:
    /// `engine` tells which take runs. `speed` above 1 runs faster than real time (for tests).
    SimulatedStream(const AudioEngine& engine, Character character, std::uint64_t seed, double speed = 1.0);
    ~SimulatedStream() override;
    SimulatedStream(const SimulatedStream&) = delete;
    SimulatedStream& operator=(const SimulatedStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override;
    void stop() override;
    [[nodiscard]] int sampleRate() const override { return 48000; }
    [[nodiscard]] int periodFrames() const override { return 256; }
    [[nodiscard]] std::string name() const override { return "Simulated player"; }

    /// From the next take on.
    void setCharacter(const Character& character);

  private:
    void run(const std::stop_token& token, AudioProcess& process);

    const AudioEngine& m_engine;
    double m_speed;
    std::mutex m_mutex;
    SimulatedSource m_source;
    std::jthread m_thread;
};

}  // namespace upbeat
