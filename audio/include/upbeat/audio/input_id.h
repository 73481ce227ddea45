#pragma once

#include <string>
#include <string_view>
#include <variant>

namespace upbeat {

/// The player that needs no hardware.
struct SimulatedInput {
    friend bool operator==(const SimulatedInput&, const SimulatedInput&) = default;
};

/// A sound port of a JACK server, by its full name.
struct JackInput {
    std::string port;

    friend bool operator==(const JackInput&, const JackInput&) = default;
};

/// A MIDI port of a JACK server: its notes are the hits.
struct MidiInput {
    std::string port;

    friend bool operator==(const MidiInput&, const MidiInput&) = default;
};

/// Which input is meant, whether it is there or not.
using InputId = std::variant<SimulatedInput, JackInput, MidiInput>;

/// "simulated", "jack:system:capture_1", "midi:pads:out": as it stands in settings and in the name of a taught kit.
[[nodiscard]] std::string toText(const InputId& id);
/// The simulated player where the text names no other kind.
[[nodiscard]] InputId inputFromText(std::string_view text);

}  // namespace upbeat
