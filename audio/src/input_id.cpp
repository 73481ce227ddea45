#include "upbeat/audio/input_id.h"

namespace upbeat {

namespace {

constexpr std::string_view kJack = "jack:";
constexpr std::string_view kMidi = "midi:";
constexpr std::string_view kPipeWire = "pipewire:";
constexpr std::string_view kPipeWireMidi = "pipewire-midi:";
constexpr std::string_view kPulse = "pulse:";

struct TextOfInput {
    std::string operator()(const SimulatedInput&) const { return "simulated"; }
    std::string operator()(const JackInput& jack) const { return std::string(kJack) + jack.port; }
    std::string operator()(const MidiInput& midi) const { return std::string(kMidi) + midi.port; }
    // Names of ports hold no colon, names of devices may.
    std::string operator()(const PipeWireInput& input) const {
        return std::string(kPipeWire) + input.port + ":" + input.node;
    }
    std::string operator()(const PipeWireMidi& midi) const { return std::string(kPipeWireMidi) + midi.port; }
    std::string operator()(const PulseInput& pulse) const { return std::string(kPulse) + pulse.source; }
};

struct NameOfInput {
    std::string operator()(const SimulatedInput&) const { return "Simulated player"; }
    std::string operator()(const JackInput& jack) const { return jack.port.empty() ? "JACK" : "JACK " + jack.port; }
    std::string operator()(const MidiInput& midi) const { return "MIDI " + midi.port; }
    std::string operator()(const PipeWireInput& input) const { return input.node; }
    std::string operator()(const PipeWireMidi& midi) const { return "MIDI " + midi.port; }
    std::string operator()(const PulseInput& pulse) const { return pulse.source; }
};

}  // namespace

bool isNotes(const InputId& id) {
    return std::holds_alternative<MidiInput>(id) || std::holds_alternative<PipeWireMidi>(id);
}

std::string nameOf(const InputId& id) {
    return std::visit(NameOfInput{}, id);
}

std::string toText(const InputId& id) {
    return std::visit(TextOfInput{}, id);
}

InputId inputFromText(std::string_view text) {
    const auto after = [text](std::string_view kind) { return std::string(text.substr(kind.size())); };
    if (text.starts_with(kJack)) return JackInput{after(kJack)};
    if (text.starts_with(kMidi)) return MidiInput{after(kMidi)};
    if (text.starts_with(kPipeWireMidi)) return PipeWireMidi{after(kPipeWireMidi)};
    if (text.starts_with(kPulse)) return PulseInput{after(kPulse)};
    if (text.starts_with(kPipeWire)) {
        const std::string names = after(kPipeWire);
        const std::size_t colon = names.find(':');
        if (colon != std::string::npos) return PipeWireInput{names.substr(colon + 1), names.substr(0, colon)};
    }
    return SimulatedInput{};
}

}  // namespace upbeat
