#include "pipewire_graph.h"
#include "upbeat/audio/pipewire_stream.h"

namespace upbeat {

Result<std::vector<InputDevice>> pipeWireInputs() {
    const auto graph = PipeWireGraph::connect();
    if (!graph) return tl::unexpected(graph.error());
    const PipeWireGraph::Lock lock(**graph);
    std::vector<InputDevice> devices;
    if (!(*graph)->defaultSink())
        return fail(UPBEAT_TEXT("PipeWire runs but plays nothing"), "sound",
                    UPBEAT_TEXT("connect a loudspeaker or headphones"));
    for (const auto& [id, node] : (*graph)->nodes()) {
        if (!PipeWireGraph::isSource(node)) continue;
        const auto ports = (*graph)->portsOf(id, true);
        for (std::size_t i = 0; i < ports.size(); ++i) {
            const auto& port = (*graph)->ports().at(ports[i]);
            const std::string which = ports.size() > 1 ? " " + std::to_string(i + 1) : "";
            devices.push_back({PipeWireInput{node.name, port.name}, node.description + which});
        }
    }
    for (const auto& [id, port] : (*graph)->ports())
        if (port.carriesNotes && port.isOutput && !port.isMonitor)
            devices.push_back({PipeWireMidi{port.name}, port.alias.empty() ? port.name : port.alias});
    if (devices.empty())
        return fail(UPBEAT_TEXT("PipeWire runs but hears no microphone"), "sound",
                    UPBEAT_TEXT("connect a microphone or an electronic kit"));
    return devices;
}

}  // namespace upbeat
