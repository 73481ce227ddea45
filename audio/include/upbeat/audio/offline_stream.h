#pragma once

#include <functional>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// Runs the same process as a device would, as fast as the machine can, when told to: for tests and for the demo data.
class OfflineStream : public DuplexStream {
  public:
    /// Fills the input of a cycle; may look at the output of the cycles before (a loop).
    using Source = std::function<void(std::span<float> in, std::int64_t position)>;

    OfflineStream(int sampleRate, int periodFrames, Source source);

    [[nodiscard]] Result<void> start(AudioProcess& process) override;
    void stop() override { m_process = nullptr; }
    [[nodiscard]] int sampleRate() const override { return m_sampleRate; }
    [[nodiscard]] int periodFrames() const override { return m_period; }
    [[nodiscard]] std::string name() const override { return "Offline"; }

    /// One cycle. Gives the output.
    std::span<const float> cycle(bool late = false);
    /// The device loses frames: the clock goes on, nothing is processed.
    void drop(std::int64_t frames) { m_position += frames; }
    /// The device's clock is set to another time, forward or back, without anything being lost.
    void setClock(std::int64_t position) { m_position = position; }
    /// The device goes on with cycles of another length.
    void setPeriod(int frames);
    /// The device goes on by another clock.
    void changeClock() { ++m_clock; }
    [[nodiscard]] std::int64_t position() const { return m_position; }

  private:
    int m_sampleRate;
    int m_period;
    Source m_source;
    AudioProcess* m_process = nullptr;
    std::int64_t m_position = 0;
    int m_clock = 0;
    std::vector<float> m_in;
    std::vector<float> m_out;
};

}  // namespace upbeat
