#pragma once

#include <cstdint>
#include <memory>
#include <span>
#include <string>
#include <vector>

#include "upbeat/audio/input_id.h"
#include "upbeat/units/error.h"

namespace upbeat {

/// A MIDI note-on.
struct StruckNote {
    std::int64_t position = 0;  ///< Frames as in Cycle; in a take, since its start.
    int key = 0;
    int velocity = 0;  ///< 1 to 127.
    int pedal = -1;    ///< Controller 4 at that moment, 0 to 127; -1 as long as none was sent.
};

/// Where a cycle stands.
struct Cycle {
    /// Frames by the device's clock, the same for all streams that one server drives: jumps forward where cycles were
    /// dropped, and back where the device had been ahead of itself.
    std::int64_t position = 0;
    bool late = false;  ///< It was run too late to be heard whole, or nothing was connected.
    int clock = 0;      ///< Another number from where the rate or the clock itself is another one.
};

/// What runs on the audio thread. `process` never allocates, locks, logs or touches files.
class AudioProcess {
  public:
    virtual ~AudioProcess() = default;
    /// `in` and `out` have the same length; `out` comes zeroed.
    virtual void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept = 0;
    /// A note that was struck on a MIDI instrument at a frame of the stream; follows the `process` of its cycle.
    virtual void note(const StruckNote& /*note*/) noexcept {}
    /// A controller of a MIDI instrument was switched on: 0 to 127.
    virtual void switched(int /*controller*/) noexcept {}
};

/// How a running stream is.
enum class StreamHealth {
    Alive,
    Unplugged,  ///< Nothing is connected to the input any more: what arrives is silence, and is marked as damaged.
    Gone,       ///< The server or the device has left: the process is not called any more.
};

/// A sample-locked pair of one input and one output. `start` gives an error when the device cannot be opened; after
/// `stop` the process is not called any more. The process must outlive the stream.
class DuplexStream {
  public:
    virtual ~DuplexStream() = default;
    [[nodiscard]] virtual Result<void> start(AudioProcess& process) = 0;
    /// Comes back in any case, also when the server is gone.
    virtual void stop() = 0;
    [[nodiscard]] virtual int sampleRate() const = 0;
    [[nodiscard]] virtual int periodFrames() const = 0;
    /// Any thread may ask.
    [[nodiscard]] virtual StreamHealth health() const { return StreamHealth::Alive; }
    /// Whether the way from what is played to what is heard is another one each time it is started: then no calibration
    /// holds, and only the click that is heard in a take tells where the take stands.
    [[nodiscard]] virtual bool hasOwnLoop() const { return false; }
    /// Whether what is played can be heard.
    [[nodiscard]] virtual bool hasOutput() const { return true; }
    /// Which device plays; a calibration holds for it alone. Empty where nothing tells.
    [[nodiscard]] virtual std::string outputName() const { return {}; }
    /// "Simulated player", "JACK system:capture_1".
    [[nodiscard]] virtual std::string name() const = 0;
};

/// An input the user can choose.
struct InputDevice {
    InputId id;
    std::string label;

    friend bool operator==(const InputDevice&, const InputDevice&) = default;
};

}  // namespace upbeat
