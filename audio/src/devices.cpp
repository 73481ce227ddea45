#include "upbeat/audio/devices.h"

#include "upbeat/audio/jack_stream.h"
#include "upbeat/audio/pipewire_stream.h"
#include "upbeat/audio/pulse_stream.h"

namespace upbeat {

namespace {

struct StreamOfInput {
    std::unique_ptr<DuplexStream> operator()(const SimulatedInput&) const { return nullptr; }
    std::unique_ptr<DuplexStream> operator()(const JackInput& id) const { return std::make_unique<JackStream>(id); }
    std::unique_ptr<DuplexStream> operator()(const MidiInput& id) const { return std::make_unique<JackStream>(id); }
    std::unique_ptr<DuplexStream> operator()(const PipeWireInput& id) const {
        return std::make_unique<PipeWireStream>(id);
    }
    std::unique_ptr<DuplexStream> operator()(const PipeWireMidi& id) const {
        return std::make_unique<PipeWireStream>(id);
    }
    std::unique_ptr<DuplexStream> operator()(const PulseInput& id) const { return std::make_unique<PulseStream>(id); }
};

}  // namespace

FoundInputs findInputs() {
    FoundInputs found;
    for (const auto ask : {pipeWireInputs, jackInputs, pulseInputs}) {
        auto inputs = ask();
        if (inputs) {
            found.devices = *std::move(inputs);
            return found;
        }
        found.refusals.push_back(inputs.error());
    }
    return found;
}

std::unique_ptr<DuplexStream> streamOf(const InputId& id) {
    return std::visit(StreamOfInput{}, id);
}

std::vector<std::unique_ptr<DuplexStream>> speakers() {
    std::vector<std::unique_ptr<DuplexStream>> all;
    all.push_back(std::make_unique<PipeWireStream>(SimulatedInput{}));
    all.push_back(std::make_unique<JackStream>(SimulatedInput{}));
    all.push_back(std::make_unique<PulseStream>(SimulatedInput{}));
    return all;
}

}  // namespace upbeat
