#pragma once

#include <pipewire/extensions/metadata.h>
#include <pipewire/pipewire.h>

#include <atomic>
#include <cstdint>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "upbeat/units/error.h"

namespace upbeat {

/// A connection to the PipeWire server and what it has told of devices, ports and the desktop's default devices. All
/// but `connect`, `settle` and `isGone` needs the lock.
class PipeWireGraph {
  public:
    struct Node {
        std::string name;         ///< Stable: "alsa_input.usb-...".
        std::string description;  ///< As the desktop names it.
        std::string mediaClass;   ///< "Audio/Source", "Audio/Sink", "Audio/Duplex", ...
    };
    struct Port {
        std::uint32_t node = 0;
        std::string name;
        std::string alias;
        bool isOutput = false;
        bool isMonitor = false;
        bool carriesNotes = false;
    };
    struct Link {
        std::uint32_t from = 0;
        std::uint32_t to = 0;
    };

    /// An error where no server answers.
    [[nodiscard]] static Result<std::unique_ptr<PipeWireGraph>> connect();
    ~PipeWireGraph();
    PipeWireGraph(const PipeWireGraph&) = delete;
    PipeWireGraph& operator=(const PipeWireGraph&) = delete;

    /// The loop's lock, for as long as it lives.
    class Lock {
      public:
        explicit Lock(const PipeWireGraph& graph) : m_loop(graph.m_loop) { pw_thread_loop_lock(m_loop); }
        ~Lock() { pw_thread_loop_unlock(m_loop); }
        Lock(const Lock&) = delete;
        Lock& operator=(const Lock&) = delete;

      private:
        pw_thread_loop* m_loop;
    };

    /// Waits until the server has answered everything that was asked before, or for two seconds.
    void settle();
    /// Waits until `done` holds, asked with the lock held; gives up after the seconds.
    bool waitFor(const std::function<bool()>& done, int seconds);
    [[nodiscard]] bool isGone() const { return m_gone.load(); }

    [[nodiscard]] pw_core* core() const { return m_core; }
    [[nodiscard]] const std::map<std::uint32_t, Node>& nodes() const { return m_nodes; }
    [[nodiscard]] const std::map<std::uint32_t, Port>& ports() const { return m_ports; }
    [[nodiscard]] bool isLinked(std::uint32_t from, std::uint32_t to) const;
    /// A node that plays (`Audio/Sink`) or hears (`Audio/Source`); devices that do both count as either.
    [[nodiscard]] static bool isSink(const Node& node);
    [[nodiscard]] static bool isSource(const Node& node);
    /// The desktop's choice, else the first there is.
    [[nodiscard]] std::optional<std::uint32_t> defaultSink() const;
    [[nodiscard]] std::optional<std::uint32_t> defaultSource() const;
    /// Ports of a node, in the order in which they came.
    [[nodiscard]] std::vector<std::uint32_t> portsOf(std::uint32_t node, bool outputs) const;

    /// Called on the loop's thread, with the lock, when anything of the above has changed. Set with the lock.
    std::function<void()> changed;

  private:
    PipeWireGraph() = default;
    /// Lets `waitFor` look again at once. On the loop's thread.
    void signal() { pw_thread_loop_signal(m_loop, false); }
    void found(std::uint32_t id, const char* type, const spa_dict* properties);
    void lost(std::uint32_t id);
    void bindMetadata(std::uint32_t id);
    void setDefault(const char* key, const char* value);
    [[nodiscard]] std::optional<std::uint32_t> nodeLike(const std::string& name, bool (*is)(const Node&)) const;
    void tellChanged() const {
        if (changed) changed();
    }
    static const pw_core_events kCoreEvents;
    static const pw_registry_events kRegistryEvents;
    static const pw_metadata_events kMetadataEvents;

    pw_thread_loop* m_loop = nullptr;
    pw_context* m_context = nullptr;
    pw_core* m_core = nullptr;
    pw_registry* m_registry = nullptr;
    pw_metadata* m_metadata = nullptr;
    spa_hook m_coreHook{};
    spa_hook m_registryHook{};
    spa_hook m_metadataHook{};
    int m_answered = 0;
    std::atomic<bool> m_gone{false};
    std::map<std::uint32_t, Node> m_nodes;
    std::map<std::uint32_t, Port> m_ports;
    std::map<std::uint32_t, Link> m_links;
    std::string m_defaultSink;
    std::string m_defaultSource;
};

}  // namespace upbeat
