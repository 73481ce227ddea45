#pragma once

#include <memory>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// A stream on a running JACK server, or on PipeWire when the program was started under pw-jack. The server is never
/// started by us. Position comes from the server's frame clock, so dropped cycles show as jumps; a cycle that starts
/// more than a period late is marked late, and so is every cycle while an input that was connected is not any more.
class JackStream : public DuplexStream {
  public:
    /// `capturePort` as listed by jackInputs(); empty: the first physical one. With a `midiPort` its notes are taken
    /// and no sound is.
    explicit JackStream(std::string capturePort, std::string midiPort = {});
    ~JackStream() override;
    JackStream(const JackStream&) = delete;
    JackStream& operator=(const JackStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override;
    void stop() override;
    [[nodiscard]] int sampleRate() const override;
    [[nodiscard]] int periodFrames() const override;
    [[nodiscard]] StreamHealth health() const override;
    [[nodiscard]] std::string name() const override;
    /// Full name of our output port, for wiring in tests.
    [[nodiscard]] std::string outputPort() const;
    [[nodiscard]] std::string inputPort() const;
    [[nodiscard]] std::string midiPort() const;

  private:
    struct Impl;
    [[nodiscard]] Result<void> connectInput();
    std::string m_capturePort;
    std::string m_midiPort;
    std::unique_ptr<Impl> m_impl;
};

/// Capture ports and MIDI instruments of the running server; empty when none runs.
[[nodiscard]] std::vector<InputDevice> jackInputs();

}  // namespace upbeat
