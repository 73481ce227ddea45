#pragma once

#include "pipewire_graph.h"
#include "upbeat/audio/input_id.h"

namespace upbeat {

/// A connection between two ports that goes when it is let go.
class PipeWireWire {
  public:
    PipeWireWire() = default;
    ~PipeWireWire() { cut(); }
    PipeWireWire(const PipeWireWire&) = delete;
    PipeWireWire& operator=(const PipeWireWire&) = delete;

    /// Between these and no other ports; 0 for neither.
    void lay(const PipeWireGraph& graph, std::uint32_t from, std::uint32_t to) {
        if (from == m_from && to == m_to) return;
        cut();
        if (from == 0 || to == 0) return;
        m_from = from;
        m_to = to;
        pw_properties* wanted = pw_properties_new(nullptr, nullptr);
        pw_properties_setf(wanted, PW_KEY_LINK_OUTPUT_PORT, "%u", from);
        pw_properties_setf(wanted, PW_KEY_LINK_INPUT_PORT, "%u", to);
        m_proxy = static_cast<pw_proxy*>(pw_core_create_object(graph.core(), "link-factory", PW_TYPE_INTERFACE_Link,
                                                               PW_VERSION_LINK, &wanted->dict, 0));
        pw_properties_free(wanted);
    }
    void cut() {
        if (m_proxy != nullptr) pw_proxy_destroy(m_proxy);
        m_proxy = nullptr;
        m_from = m_to = 0;
    }
    [[nodiscard]] bool isLaid(const PipeWireGraph& graph) const { return m_from != 0 && graph.isLinked(m_from, m_to); }

  private:
    pw_proxy* m_proxy = nullptr;
    std::uint32_t m_from = 0;
    std::uint32_t m_to = 0;
};

/// Finds the port of each kind of input; 0 where it is not there.
struct PipeWirePort {
    const PipeWireGraph& graph;

    std::uint32_t operator()(const PipeWireInput& input) const {
        for (const auto& [id, node] : graph.nodes()) {
            const bool wanted = input.node.empty() ? graph.defaultSource() == id : node.name == input.node;
            if (!wanted || !PipeWireGraph::isSource(node)) continue;
            for (const std::uint32_t port : graph.portsOf(id, true))
                if (input.port.empty() || graph.ports().at(port).name == input.port) return port;
        }
        return 0;
    }
    std::uint32_t operator()(const PipeWireMidi& input) const {
        for (const auto& [id, port] : graph.ports())
            if (port.carriesNotes && port.isOutput && port.name == input.port) return id;
        return 0;
    }
    template <class Other>
    std::uint32_t operator()(const Other&) const {
        return 0;
    }
};

}  // namespace upbeat
