#include "upbeat/audio/pipewire_stream.h"

#include <pipewire/filter.h>
#include <spa/control/control.h>
#include <spa/pod/iter.h>

#include <algorithm>
#include <array>
#include <atomic>
#include <ctime>
#include <span>

#include "pipewire_wires.h"
#include "upbeat/audio/note_bytes.h"

namespace upbeat {

namespace {

constexpr int kUsualRate = 48000;
constexpr int kUsualPeriod = 256;
constexpr int kPatienceS = 3;
constexpr std::size_t kLongestCycle = 8192;

}  // namespace

struct PipeWireStream::Impl {
    std::unique_ptr<PipeWireGraph> graph;
    InputId wanted;
    AudioProcess* process = nullptr;
    pw_filter* filter = nullptr;
    spa_hook hook{};
    void* in = nullptr;
    void* out = nullptr;
    void* notes = nullptr;
    PipeWireWire heard;
    std::array<PipeWireWire, 2> played;

    // Audio thread.
    std::array<float, kLongestCycle> silence{};
    std::array<float, kLongestCycle> nowhere{};
    std::uint32_t clockId = 0;
    NoteReader reader;
    int clock = 0;

    std::atomic<int> rewired{0};  // grows when the input is another one
    std::atomic<int> rate{0};
    std::atomic<int> period{0};
    std::atomic<bool> wired{false};  // it was connected once
    std::atomic<bool> unplugged{false};

    [[nodiscard]] bool hearsNothing() const { return std::holds_alternative<SimulatedInput>(wanted); }
    [[nodiscard]] bool hearsNotes() const { return std::holds_alternative<PipeWireMidi>(wanted); }

    ~Impl();
    [[nodiscard]] Result<void> open();
    [[nodiscard]] std::uint32_t ownPort(const char* name) const;
    [[nodiscard]] void* addPort(pw_direction direction, const char* name, const char* format) const;
    void rewire();
    void cycle(const spa_io_position& position) noexcept;
    void seeClock(const spa_io_clock& now) noexcept;
    void passNotes(std::int64_t position) noexcept;
    static const pw_filter_events kEvents;
};

const pw_filter_events PipeWireStream::Impl::kEvents = [] {
    pw_filter_events events{};
    events.version = PW_VERSION_FILTER_EVENTS;
    events.process = [](void* self, spa_io_position* position) {
        if (position != nullptr) static_cast<Impl*>(self)->cycle(*position);
    };
    return events;
}();

PipeWireStream::Impl::~Impl() {
    if (!graph) return;
    const PipeWireGraph::Lock lock(*graph);
    graph->changed = nullptr;
    heard.cut();
    for (PipeWireWire& wire : played) wire.cut();
    if (filter != nullptr) pw_filter_destroy(filter);
}

void* PipeWireStream::Impl::addPort(pw_direction direction, const char* name, const char* format) const {
    return pw_filter_add_port(filter, direction, PW_FILTER_PORT_FLAG_MAP_BUFFERS, 1,
                              pw_properties_new(PW_KEY_FORMAT_DSP, format, PW_KEY_PORT_NAME, name, nullptr), nullptr,
                              0);
}

Result<void> PipeWireStream::Impl::open() {
    const auto refused = [] {
        return fail(UPBEAT_TEXT("PipeWire does not start us"), "sound input",
                    UPBEAT_TEXT("close other sound programs, or log in again"));
    };
    {
        const PipeWireGraph::Lock lock(*graph);
        pw_properties* properties =
            pw_properties_new(PW_KEY_NODE_NAME, "upbeat-check", PW_KEY_NODE_DESCRIPTION, "Upbeat Check",
                              PW_KEY_MEDIA_TYPE, "Audio", PW_KEY_MEDIA_CATEGORY, "Duplex", PW_KEY_MEDIA_ROLE,
                              "Production", PW_KEY_NODE_LATENCY, "256/48000", PW_KEY_NODE_LOCK_QUANTUM, "true",
                              PW_KEY_NODE_LOCK_RATE, "true", PW_KEY_NODE_ALWAYS_PROCESS, "true", nullptr);
        filter = pw_filter_new(graph->core(), "upbeat-check", properties);
        if (filter == nullptr) return refused();
        pw_filter_add_listener(filter, &hook, &kEvents, this);
        constexpr const char* kSound = "32 bit float mono audio";
        in = addPort(PW_DIRECTION_INPUT, "in", kSound);
        out = addPort(PW_DIRECTION_OUTPUT, "out", kSound);
        notes = addPort(PW_DIRECTION_INPUT, "notes", "8 bit raw midi");
        if (in == nullptr || out == nullptr || notes == nullptr ||
            pw_filter_connect(filter, PW_FILTER_FLAG_RT_PROCESS, nullptr, 0) != 0)
            return refused();
    }
    const auto portsAreThere = [this] { return ownPort("in") && ownPort("out") && ownPort("notes"); };
    if (!graph->waitFor(portsAreThere, kPatienceS)) return refused();
    {
        const PipeWireGraph::Lock lock(*graph);
        graph->changed = [this] { rewire(); };
        rewire();
    }
    const auto runs = [this] { return rate.load() > 0 && (hearsNothing() || wired.load()); };
    if (!graph->waitFor(runs, kPatienceS)) return refused();
    return {};
}

std::uint32_t PipeWireStream::Impl::ownPort(const char* name) const {
    const std::uint32_t node = pw_filter_get_node_id(filter);
    for (const auto& [id, port] : graph->ports())
        if (port.node == node && port.name == name) return id;
    return 0;
}

/// Connects what should be connected and is there.
void PipeWireStream::Impl::rewire() {
    heard.lay(*graph, std::visit(PipeWirePort{*graph}, wanted), ownPort(hearsNotes() ? "notes" : "in"));
    const auto sink = graph->defaultSink();
    const auto speakers = sink ? graph->portsOf(*sink, false) : std::vector<std::uint32_t>();
    for (std::size_t i = 0; i < played.size(); ++i)
        played[i].lay(*graph, ownPort("out"), i < speakers.size() ? speakers[i] : 0);
    if (hearsNothing()) return;
    const bool connected = heard.isLaid(*graph);
    if (connected && unplugged.load()) rewired.fetch_add(1);
    if (connected) wired.store(true);
    unplugged.store(wired.load() && !connected);
}

void PipeWireStream::Impl::seeClock(const spa_io_clock& now) noexcept {
    const auto newRate = static_cast<int>(now.rate.denom);
    if (rate.load() != 0 && (now.id != clockId || newRate != rate.load())) ++clock;
    clockId = now.id;
    period.store(static_cast<int>(now.duration));
    rate.store(newRate);
}

void PipeWireStream::Impl::cycle(const spa_io_position& position) noexcept {
    const spa_io_clock& now = position.clock;
    const auto frames = static_cast<std::size_t>(now.duration);
    if (frames == 0 || frames > kLongestCycle || now.rate.denom == 0) return;
    seeClock(now);
    const auto count = static_cast<std::uint32_t>(frames);
    const auto* input = static_cast<const float*>(pw_filter_get_dsp_buffer(in, count));
    auto* output = static_cast<float*>(pw_filter_get_dsp_buffer(out, count));
    if (input == nullptr) input = silence.data();
    if (output == nullptr) output = nowhere.data();
    std::fill_n(output, frames, 0.0F);
    timespec clockNow{};
    clock_gettime(CLOCK_MONOTONIC, &clockNow);
    const auto lengthNs = static_cast<std::int64_t>(frames * SPA_NSEC_PER_SEC / now.rate.denom);
    const bool late = SPA_TIMESPEC_TO_NSEC(&clockNow) - static_cast<std::int64_t>(now.nsec) > lengthNs;
    const auto at = static_cast<std::int64_t>(now.position);
    process->process(std::span(input, frames), std::span(output, frames),
                     {at, late || unplugged.load(), clock + rewired.load()});
    passNotes(at);
}

void PipeWireStream::Impl::passNotes(std::int64_t position) noexcept {
    pw_buffer* buffer = pw_filter_dequeue_buffer(notes);
    if (buffer == nullptr) return;
    const spa_data& data = buffer->buffer->datas[0];
    if (data.data != nullptr && data.chunk->size >= sizeof(spa_pod)) {
        auto* pod = static_cast<spa_pod*>(
            spa_pod_from_data(data.data, data.maxsize, static_cast<off_t>(data.chunk->offset), data.chunk->size));
        if (pod != nullptr && spa_pod_is_sequence(pod)) {
            const auto* sequence = reinterpret_cast<const spa_pod_sequence*>(pod);
            spa_pod_control* control = nullptr;
            SPA_POD_SEQUENCE_FOREACH(sequence, control) {
                if (control->type != SPA_CONTROL_Midi) continue;
                const std::span bytes(static_cast<const std::uint8_t*>(SPA_POD_BODY(&control->value)),
                                      SPA_POD_BODY_SIZE(&control->value));
                if (const auto note = reader.read(bytes, position + control->offset)) process->note(*note);
                if (const auto controller = switchedOn(bytes)) process->switched(*controller);
            }
        }
    }
    pw_filter_queue_buffer(notes, buffer);
}

PipeWireStream::PipeWireStream(InputId input) : m_input(std::move(input)) {}

PipeWireStream::~PipeWireStream() {
    PipeWireStream::stop();
}

Result<void> PipeWireStream::start(AudioProcess& process) {
    stop();
    auto graph = PipeWireGraph::connect();
    if (!graph) return tl::unexpected(graph.error());
    auto impl = std::make_unique<Impl>();
    impl->graph = *std::move(graph);
    impl->wanted = m_input;
    impl->process = &process;
    const bool isThere = [&] {
        const PipeWireGraph::Lock lock(*impl->graph);
        return std::visit(PipeWirePort{*impl->graph}, m_input) != 0;
    }();
    if (!isThere && !impl->hearsNothing())
        return fail(Text::with(UPBEAT_TEXT("the input %1 is not there"), nameOf(m_input)), "sound input",
                    UPBEAT_TEXT("plug it in, or choose another input"));
    if (auto opened = impl->open(); !opened) return opened;
    m_impl = std::move(impl);
    return {};
}

void PipeWireStream::stop() {
    m_impl.reset();
}

int PipeWireStream::sampleRate() const {
    return m_impl ? m_impl->rate.load() : kUsualRate;
}
int PipeWireStream::periodFrames() const {
    return m_impl ? m_impl->period.load() : kUsualPeriod;
}

StreamHealth PipeWireStream::health() const {
    if (!m_impl || m_impl->graph->isGone()) return StreamHealth::Gone;
    return m_impl->unplugged.load() ? StreamHealth::Unplugged : StreamHealth::Alive;
}

std::string PipeWireStream::outputName() const {
    if (!m_impl) return {};
    const PipeWireGraph::Lock lock(*m_impl->graph);
    const auto sink = m_impl->graph->defaultSink();
    return sink ? m_impl->graph->nodes().at(*sink).name : std::string();
}

std::string PipeWireStream::name() const {
    return nameOf(m_input);
}

}  // namespace upbeat
