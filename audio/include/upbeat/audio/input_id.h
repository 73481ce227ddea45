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

/// A sound port of a PipeWire device, by the stable names of both; without names the desktop's default input.
struct PipeWireInput {
    std::string node;
    std::string port;

    friend bool operator==(const PipeWireInput&, const PipeWireInput&) = default;
};

/// A MIDI port on a PipeWire server: its notes are the hits.
struct PipeWireMidi {
    std::string port;

    friend bool operator==(const PipeWireMidi&, const PipeWireMidi&) = default;
};

/// A source of a PulseAudio server, by its name.
struct PulseInput {
    std::string source;

    friend bool operator==(const PulseInput&, const PulseInput&) = default;
};

/// Which input is meant, whether it is there or not.
using InputId = std::variant<SimulatedInput, JackInput, MidiInput, PipeWireInput, PipeWireMidi, PulseInput>;

/// Whether notes arrive by it, and no sound.
[[nodiscard]] bool isNotes(const InputId& id);
/// How it is called where no server says better: "Simulated player", "JACK system:capture_1".
[[nodiscard]] std::string nameOf(const InputId& id);

/// "simulated", "jack:system:capture_1", "midi:pads:out", "pipewire:capture_FL:alsa_input.usb", "pipewire-midi:...",
/// "pulse:...": as it stands in settings and in the name of a taught kit.
[[nodiscard]] std::string toText(const InputId& id);
/// The simulated player where the text names no other kind.
[[nodiscard]] InputId inputFromText(std::string_view text);

}  // namespace upbeat
