#pragma once

#include <memory>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// A stream of its own on a running PipeWire server: one sound or note input, and the desktop's default output. The
/// server is never started by us. Positions are those of the driving device's clock; a cycle is late when it is run
/// more than its own length after the device began it. Another device that drives, or another rate, is another clock.
/// An input that is unplugged is wired again when it comes back, and so is the output when the desktop changes it.
class PipeWireStream : public DuplexStream {
  public:
    /// SimulatedInput: nothing is listened to, the stream only plays. An input without a name: the desktop's default.
    explicit PipeWireStream(InputId input);
    ~PipeWireStream() override;
    PipeWireStream(const PipeWireStream&) = delete;
    PipeWireStream& operator=(const PipeWireStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override;
    void stop() override;
    [[nodiscard]] int sampleRate() const override;
    [[nodiscard]] int periodFrames() const override;
    [[nodiscard]] StreamHealth health() const override;
    [[nodiscard]] std::string outputName() const override;
    [[nodiscard]] std::string name() const override;

  private:
    struct Impl;
    InputId m_input;
    std::unique_ptr<Impl> m_impl;
};

/// What a server offers, or why it cannot be used.
[[nodiscard]] Result<std::vector<InputDevice>> pipeWireInputs();

}  // namespace upbeat
