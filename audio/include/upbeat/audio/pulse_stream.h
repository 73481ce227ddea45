#pragma once

#include <memory>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// A stream on a running PulseAudio server: a record stream and a playback stream that stay open. The server is never
/// started by us. Frames are counted as they are recorded, and what is played is written frame for frame beside them,
/// so the way round (150 to 300 ms) is one and the same until something goes wrong, but another one each time the
/// stream is opened: see hasOwnLoop. After an underflow, an overflow, or when the desktop moves a stream to another
/// device, it is another clock.
class PulseStream : public DuplexStream {
  public:
    /// SimulatedInput: nothing is listened to, the stream only plays. A PulseInput without a name: the default source.
    explicit PulseStream(InputId input);
    ~PulseStream() override;
    PulseStream(const PulseStream&) = delete;
    PulseStream& operator=(const PulseStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override;
    void stop() override;
    [[nodiscard]] int sampleRate() const override { return 48000; }
    [[nodiscard]] int periodFrames() const override;
    [[nodiscard]] StreamHealth health() const override;
    [[nodiscard]] bool hasOwnLoop() const override { return true; }
    [[nodiscard]] std::string name() const override { return nameOf(m_input); }

  private:
    struct Impl;
    InputId m_input;
    std::unique_ptr<Impl> m_impl;
};

/// Sources of the running server, the default one first, or why there are none.
[[nodiscard]] Result<std::vector<InputDevice>> pulseInputs();

}  // namespace upbeat
