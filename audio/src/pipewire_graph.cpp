#include "pipewire_graph.h"

#include <spa/utils/json.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <mutex>
#include <string_view>

namespace upbeat {

namespace {

std::string valueOf(const spa_dict* properties, const char* key) {
    const char* value = properties == nullptr ? nullptr : spa_dict_lookup(properties, key);
    return value == nullptr ? std::string() : value;
}

std::uint32_t numberOf(const spa_dict* properties, const char* key) {
    return static_cast<std::uint32_t>(std::strtoul(valueOf(properties, key).c_str(), nullptr, 10));
}

/// The name in {"name":"..."}; empty where there is none.
std::string nameInJson(const char* text) {
    if (text == nullptr) return {};
    spa_json whole{};
    spa_json object{};
    spa_json_init(&whole, text, std::strlen(text));
    if (spa_json_enter_object(&whole, &object) <= 0) return {};
    std::array<char, 256> key{};
    std::array<char, 1024> value{};
    while (spa_json_get_string(&object, key.data(), static_cast<int>(key.size())) > 0) {
        if (std::string_view(key.data()) == "name")
            return spa_json_get_string(&object, value.data(), static_cast<int>(value.size())) > 0 ? value.data()
                                                                                                  : std::string();
        const char* other = nullptr;
        if (spa_json_next(&object, &other) <= 0) break;
    }
    return {};
}

Error noServer() {
    return {UPBEAT_TEXT("PipeWire does not answer"), "sound", UPBEAT_TEXT("log in again if it should run")};
}

}  // namespace

const pw_core_events PipeWireGraph::kCoreEvents = [] {
    pw_core_events events{};
    events.version = PW_VERSION_CORE_EVENTS;
    events.done = [](void* self, std::uint32_t id, int answered) {
        auto* graph = static_cast<PipeWireGraph*>(self);
        if (id == PW_ID_CORE) graph->m_answered = answered;
        graph->signal();
    };
    events.error = [](void* self, std::uint32_t id, int, int result, const char*) {
        auto* graph = static_cast<PipeWireGraph*>(self);
        if (id == PW_ID_CORE && result == -EPIPE) graph->m_gone.store(true);
        graph->signal();
    };
    return events;
}();

const pw_registry_events PipeWireGraph::kRegistryEvents = [] {
    pw_registry_events events{};
    events.version = PW_VERSION_REGISTRY_EVENTS;
    events.global = [](void* self, std::uint32_t id, std::uint32_t, const char* type, std::uint32_t,
                       const spa_dict* properties) { static_cast<PipeWireGraph*>(self)->found(id, type, properties); };
    events.global_remove = [](void* self, std::uint32_t id) { static_cast<PipeWireGraph*>(self)->lost(id); };
    return events;
}();

const pw_metadata_events PipeWireGraph::kMetadataEvents = [] {
    pw_metadata_events events{};
    events.version = PW_VERSION_METADATA_EVENTS;
    events.property = [](void* self, std::uint32_t, const char* key, const char*, const char* value) {
        static_cast<PipeWireGraph*>(self)->setDefault(key, value);
        return 0;
    };
    return events;
}();

Result<std::unique_ptr<PipeWireGraph>> PipeWireGraph::connect() {
    static std::once_flag once;
    std::call_once(once, [] {
        pw_init(nullptr, nullptr);
        pw_log_set_level(SPA_LOG_LEVEL_NONE);  // what goes wrong is said in the window
    });
    std::unique_ptr<PipeWireGraph> graph(new PipeWireGraph());
    graph->m_loop = pw_thread_loop_new("upbeat-check", nullptr);
    if (graph->m_loop == nullptr) return tl::unexpected(noServer());
    // With the settings of programs that may not be late.
    graph->m_context = pw_context_new(pw_thread_loop_get_loop(graph->m_loop),
                                      pw_properties_new(PW_KEY_CONFIG_NAME, "client-rt.conf", nullptr), 0);
    if (graph->m_context == nullptr || pw_thread_loop_start(graph->m_loop) != 0) return tl::unexpected(noServer());
    {
        const Lock lock(*graph);
        graph->m_core = pw_context_connect(graph->m_context, nullptr, 0);
        if (graph->m_core == nullptr) return tl::unexpected(noServer());
        pw_core_add_listener(graph->m_core, &graph->m_coreHook, &kCoreEvents, graph.get());
        graph->m_registry = pw_core_get_registry(graph->m_core, PW_VERSION_REGISTRY, 0);
        pw_registry_add_listener(graph->m_registry, &graph->m_registryHook, &kRegistryEvents, graph.get());
    }
    graph->settle();  // what there is
    graph->settle();  // what was asked about it
    if (graph->isGone()) return tl::unexpected(noServer());
    return graph;
}

PipeWireGraph::~PipeWireGraph() {
    if (m_loop == nullptr) return;
    pw_thread_loop_stop(m_loop);
    if (m_metadata != nullptr) pw_proxy_destroy(reinterpret_cast<pw_proxy*>(m_metadata));
    if (m_registry != nullptr) pw_proxy_destroy(reinterpret_cast<pw_proxy*>(m_registry));
    if (m_core != nullptr) {
        spa_hook_remove(&m_coreHook);
        pw_core_disconnect(m_core);
    }
    if (m_context != nullptr) pw_context_destroy(m_context);
    pw_thread_loop_destroy(m_loop);
}

void PipeWireGraph::settle() {
    constexpr int kPatienceS = 2;
    const int asked = [this] {
        const Lock lock(*this);
        return pw_core_sync(m_core, PW_ID_CORE, 0);
    }();
    (void)waitFor([this, asked] { return m_answered == asked; }, kPatienceS);
}

bool PipeWireGraph::waitFor(const std::function<bool()>& done, int seconds) {
    const Lock lock(*this);
    // In short steps: what the audio thread has done wakes nobody.
    constexpr std::int64_t kStepMs = 10;
    for (std::int64_t left = std::int64_t{1000} * seconds / kStepMs; left > 0 && !done() && !isGone(); --left) {
        timespec until{};
        pw_thread_loop_get_time(m_loop, &until, kStepMs * SPA_NSEC_PER_MSEC);
        (void)pw_thread_loop_timed_wait_full(m_loop, &until);
    }
    return done();
}

void PipeWireGraph::found(std::uint32_t id, const char* type, const spa_dict* properties) {
    const std::string_view kind = type;
    if (kind == PW_TYPE_INTERFACE_Node) {
        Node node{valueOf(properties, PW_KEY_NODE_NAME), valueOf(properties, PW_KEY_NODE_DESCRIPTION),
                  valueOf(properties, PW_KEY_MEDIA_CLASS)};
        if (node.description.empty()) node.description = node.name;
        m_nodes[id] = std::move(node);
    } else if (kind == PW_TYPE_INTERFACE_Port) {
        m_ports[id] = {numberOf(properties, PW_KEY_NODE_ID),
                       valueOf(properties, PW_KEY_PORT_NAME),
                       valueOf(properties, PW_KEY_PORT_ALIAS),
                       valueOf(properties, PW_KEY_PORT_DIRECTION) == "out",
                       valueOf(properties, PW_KEY_PORT_MONITOR) == "true",
                       valueOf(properties, PW_KEY_FORMAT_DSP).find("midi") != std::string::npos};
    } else if (kind == PW_TYPE_INTERFACE_Link) {
        m_links[id] = {numberOf(properties, PW_KEY_LINK_OUTPUT_PORT), numberOf(properties, PW_KEY_LINK_INPUT_PORT)};
    } else if (kind == PW_TYPE_INTERFACE_Metadata) {
        if (valueOf(properties, PW_KEY_METADATA_NAME) == "default") bindMetadata(id);
        return;
    } else {
        return;
    }
    tellChanged();
    signal();
}

void PipeWireGraph::lost(std::uint32_t id) {
    if (m_nodes.erase(id) + m_ports.erase(id) + m_links.erase(id) == 0) return;
    tellChanged();
    signal();
}

void PipeWireGraph::bindMetadata(std::uint32_t id) {
    if (m_metadata != nullptr) return;
    m_metadata =
        static_cast<pw_metadata*>(pw_registry_bind(m_registry, id, PW_TYPE_INTERFACE_Metadata, PW_VERSION_METADATA, 0));
    if (m_metadata != nullptr) pw_metadata_add_listener(m_metadata, &m_metadataHook, &kMetadataEvents, this);
}

void PipeWireGraph::setDefault(const char* key, const char* value) {
    if (key == nullptr) return;
    const std::string_view name = key;
    if (name == "default.audio.sink")
        m_defaultSink = nameInJson(value);
    else if (name == "default.audio.source")
        m_defaultSource = nameInJson(value);
    else
        return;
    tellChanged();
    signal();
}

bool PipeWireGraph::isSink(const Node& node) {
    return node.mediaClass == "Audio/Sink" || node.mediaClass == "Audio/Duplex";
}

bool PipeWireGraph::isSource(const Node& node) {
    return node.mediaClass.starts_with("Audio/Source") || node.mediaClass == "Audio/Duplex";
}

std::optional<std::uint32_t> PipeWireGraph::nodeLike(const std::string& name, bool (*is)(const Node&)) const {
    std::optional<std::uint32_t> first;
    for (const auto& [id, node] : m_nodes) {
        if (!is(node)) continue;
        if (node.name == name) return id;
        if (!first) first = id;
    }
    return first;
}

std::optional<std::uint32_t> PipeWireGraph::defaultSink() const {
    return nodeLike(m_defaultSink, isSink);
}
std::optional<std::uint32_t> PipeWireGraph::defaultSource() const {
    return nodeLike(m_defaultSource, isSource);
}

std::vector<std::uint32_t> PipeWireGraph::portsOf(std::uint32_t node, bool outputs) const {
    std::vector<std::uint32_t> ids;
    for (const auto& [id, port] : m_ports)
        if (port.node == node && port.isOutput == outputs && !port.carriesNotes && !port.isMonitor) ids.push_back(id);
    return ids;
}

bool PipeWireGraph::isLinked(std::uint32_t from, std::uint32_t to) const {
    return std::any_of(m_links.begin(), m_links.end(),
                       [&](const auto& entry) { return entry.second.from == from && entry.second.to == to; });
}

}  // namespace upbeat
