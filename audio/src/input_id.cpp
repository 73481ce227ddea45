#include "upbeat/audio/input_id.h"

namespace upbeat {

namespace {

constexpr std::string_view kJack = "jack:";
constexpr std::string_view kMidi = "midi:";

struct TextOfInput {
    std::string operator()(const SimulatedInput&) const { return "simulated"; }
    std::string operator()(const JackInput& jack) const { return std::string(kJack) + jack.port; }
    std::string operator()(const MidiInput& midi) const { return std::string(kMidi) + midi.port; }
};

}  // namespace

std::string toText(const InputId& id) {
    return std::visit(TextOfInput{}, id);
}

InputId inputFromText(std::string_view text) {
    if (text.starts_with(kJack)) return JackInput{std::string(text.substr(kJack.size()))};
    if (text.starts_with(kMidi)) return MidiInput{std::string(text.substr(kMidi.size()))};
    return SimulatedInput{};
}

}  // namespace upbeat
