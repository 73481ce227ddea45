#pragma once

#include <memory>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// A stream on a running JACK server. The server is never started by us. Position comes from the server's frame clock,
/// so dropped cycles show as jumps; a cycle that starts more than a period late is marked late, and so is every cycle
/// while an input that was connected is not any more. Another rate is another clock.
class JackStream : public DuplexStream {
  public:
    /// JackInput: as listed by jackInputs(); without a name the first physical one. MidiInput: its notes are taken and
    /// no sound is. SimulatedInput: nothing is listened to, the stream only plays.
    explicit JackStream(InputId input);
    ~JackStream() override;
    JackStream(const JackStream&) = delete;
    JackStream& operator=(const JackStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override;
    void stop() override;
    [[nodiscard]] int sampleRate() const override;
    [[nodiscard]] int periodFrames() const override;
    [[nodiscard]] StreamHealth health() const override;
    [[nodiscard]] std::string outputName() const override;
    [[nodiscard]] std::string name() const override { return nameOf(m_input); }
    /// Full names of our ports, for wiring in tests.
    [[nodiscard]] std::string outputPort() const;
    [[nodiscard]] std::string inputPort() const;

  private:
    struct Impl;
    InputId m_input;
    std::unique_ptr<Impl> m_impl;
};

/// Capture ports and MIDI instruments of the running server, the microphones first, or why there are none.
[[nodiscard]] Result<std::vector<InputDevice>> jackInputs();

}  // namespace upbeat
