#include "upbeat/audio/jack_stream.h"

#include <jack/jack.h>
#include <jack/midiport.h>

#include <algorithm>
#include <atomic>
#include <span>

namespace upbeat {

namespace {

struct CloseClient {
    void operator()(jack_client_t* client) const { jack_client_close(client); }
};
using Client = std::unique_ptr<jack_client_t, CloseClient>;

Client openClient(const char* name) {
    // JackNoStartServer: a program that measures must not start a sound server behind the user's back.
    return Client(jack_client_open(name, JackNoStartServer, nullptr));
}

std::vector<std::string> portsOf(jack_client_t* client, unsigned long flags,
                                 const char* type = JACK_DEFAULT_AUDIO_TYPE) {
    std::vector<std::string> names;
    const char** ports = jack_get_ports(client, nullptr, type, flags);
    for (const char** port = ports; port != nullptr && *port != nullptr; ++port) names.emplace_back(*port);
    jack_free(ports);
    return names;
}

void silent(const char* /*message*/) {}

}  // namespace

struct JackStream::Impl {
    Client client;
    jack_port_t* in = nullptr;
    jack_port_t* out = nullptr;
    jack_port_t* midi = nullptr;
    AudioProcess* process = nullptr;
    bool first = true;
    jack_nframes_t lastFrame = 0;
    std::int64_t position = 0;
    std::atomic<int> clock{0};  // grows when the server's rate changes
    int rate = 0;
    jack_port_t* heard = nullptr;  // the port that is listened to
    std::atomic<bool> gone{false};
    std::atomic<bool> wired{false};  // it was connected once
    std::atomic<bool> unplugged{false};

    /// From the server's own thread: what is connected has changed.
    void rewired() noexcept {
        const bool connected = jack_port_connected(heard) > 0;
        if (connected) wired.store(true);
        unplugged.store(wired.load() && !connected);
    }

    int runAt(int newRate) noexcept {
        if (rate != 0 && newRate != rate) clock.fetch_add(1);
        rate = newRate;
        return 0;
    }

    int cycle(jack_nframes_t frames) noexcept {
        const jack_nframes_t now = jack_last_frame_time(client.get());
        // The signed difference is right across the wrap of the 32-bit frame clock, and where the clock is set back.
        if (!first) position += static_cast<std::int32_t>(now - lastFrame);
        first = false;
        lastFrame = now;
        const auto* input = static_cast<const float*>(jack_port_get_buffer(in, frames));
        auto* output = static_cast<float*>(jack_port_get_buffer(out, frames));
        std::fill_n(output, frames, 0.0F);
        const bool late = jack_frames_since_cycle_start(client.get()) > frames || unplugged.load();
        process->process(std::span(input, frames), std::span(output, frames), {position, late, clock.load()});
        passNotes(frames);
        return 0;
    }

    void passNotes(jack_nframes_t frames) noexcept {
        constexpr unsigned kKind = 0xF0;
        constexpr unsigned kNoteOn = 0x90;
        constexpr unsigned kData = 0x7F;
        void* events = jack_port_get_buffer(midi, frames);
        const jack_nframes_t count = jack_midi_get_event_count(events);
        for (jack_nframes_t i = 0; i < count; ++i) {
            jack_midi_event_t event;
            if (jack_midi_event_get(&event, events, i) != 0 || event.size < 3) continue;
            // A note-on without velocity is a note-off.
            if ((event.buffer[0] & kKind) != kNoteOn || (event.buffer[2] & kData) == 0) continue;
            process->note({position + static_cast<std::int64_t>(event.time), static_cast<int>(event.buffer[1] & kData),
                           static_cast<int>(event.buffer[2] & kData)});
        }
    }
};

JackStream::JackStream(std::string capturePort, std::string midiPort)
    : m_capturePort(std::move(capturePort)), m_midiPort(std::move(midiPort)) {}

JackStream::~JackStream() {
    JackStream::stop();
}

Result<void> JackStream::start(AudioProcess& process) {
    stop();
    jack_set_error_function(silent);
    jack_set_info_function(silent);
    auto impl = std::make_unique<Impl>();
    impl->process = &process;
    impl->client = openClient("upbeat-check");
    if (!impl->client)
        return fail(UPBEAT_TEXT("no JACK or PipeWire sound server answers"), "sound input",
                    UPBEAT_TEXT("start one, run the program under pw-jack, or choose the simulated player"));
    jack_client_t* client = impl->client.get();
    impl->in = jack_port_register(client, "in", JACK_DEFAULT_AUDIO_TYPE, JackPortIsInput, 0);
    impl->out = jack_port_register(client, "out", JACK_DEFAULT_AUDIO_TYPE, JackPortIsOutput, 0);
    impl->midi = jack_port_register(client, "notes", JACK_DEFAULT_MIDI_TYPE, JackPortIsInput, 0);
    if (impl->in == nullptr || impl->out == nullptr || impl->midi == nullptr)
        return fail(UPBEAT_TEXT("the sound server gives no ports"), "sound input",
                    UPBEAT_TEXT("close other sound programs"));
    jack_set_process_callback(
        client, [](jack_nframes_t frames, void* self) { return static_cast<Impl*>(self)->cycle(frames); }, impl.get());
    jack_on_shutdown(
        client, [](void* self) { static_cast<Impl*>(self)->gone.store(true); }, impl.get());
    impl->heard = m_midiPort.empty() ? impl->in : impl->midi;
    jack_set_port_connect_callback(
        client, [](jack_port_id_t, jack_port_id_t, int, void* self) { static_cast<Impl*>(self)->rewired(); },
        impl.get());
    // It is called once with the rate that holds already.
    jack_set_sample_rate_callback(
        client, [](jack_nframes_t rate, void* self) { return static_cast<Impl*>(self)->runAt(static_cast<int>(rate)); },
        impl.get());
    if (jack_activate(client) != 0)
        return fail(UPBEAT_TEXT("the sound server does not start us"), "sound input",
                    UPBEAT_TEXT("restart the sound server"));
    m_impl = std::move(impl);
    if (auto connected = connectInput(); !connected) {
        stop();
        return connected;
    }
    const auto playbacks = portsOf(client, JackPortIsInput | JackPortIsPhysical);
    for (std::size_t i = 0; i < std::min<std::size_t>(2, playbacks.size()); ++i)
        (void)jack_connect(client, outputPort().c_str(), playbacks[i].c_str());
    return {};
}

/// Wires the chosen port, or the first physical one, to ours.
Result<void> JackStream::connectInput() {
    jack_client_t* client = m_impl->client.get();
    if (!m_midiPort.empty()) {
        if (jack_connect(client, m_midiPort.c_str(), midiPort().c_str()) == 0) return {};
        return fail(Text::with(UPBEAT_TEXT("the instrument %1 is not there any more"), m_midiPort), "notes",
                    UPBEAT_TEXT("choose another input"));
    }
    const auto captures = portsOf(client, JackPortIsOutput | JackPortIsPhysical);
    const std::string capture =
        !m_capturePort.empty() ? m_capturePort : (captures.empty() ? std::string() : captures.front());
    if (capture.empty() || jack_connect(client, capture.c_str(), inputPort().c_str()) == 0) return {};
    return fail(Text::with(UPBEAT_TEXT("the input %1 is not there any more"), capture), "sound input",
                UPBEAT_TEXT("choose another input"));
}

void JackStream::stop() {
    if (!m_impl) return;
    (void)jack_deactivate(m_impl->client.get());
    m_impl.reset();
}

StreamHealth JackStream::health() const {
    if (!m_impl || m_impl->gone.load()) return StreamHealth::Gone;
    return m_impl->unplugged.load() ? StreamHealth::Unplugged : StreamHealth::Alive;
}

int JackStream::sampleRate() const {
    return m_impl ? static_cast<int>(jack_get_sample_rate(m_impl->client.get())) : 48000;
}
int JackStream::periodFrames() const {
    return m_impl ? static_cast<int>(jack_get_buffer_size(m_impl->client.get())) : 256;
}
std::string JackStream::name() const {
    if (!m_midiPort.empty()) return "MIDI " + m_midiPort;
    return m_capturePort.empty() ? "JACK" : "JACK " + m_capturePort;
}
std::string JackStream::outputPort() const {
    return m_impl ? jack_port_name(m_impl->out) : "";
}
std::string JackStream::inputPort() const {
    return m_impl ? jack_port_name(m_impl->in) : "";
}

std::string JackStream::midiPort() const {
    return m_impl ? jack_port_name(m_impl->midi) : "";
}

std::vector<InputDevice> jackInputs() {
    jack_set_error_function(silent);
    jack_set_info_function(silent);
    const Client client = openClient("upbeat-check-probe");
    std::vector<InputDevice> devices;
    if (!client) return devices;
    for (const std::string& port : portsOf(client.get(), JackPortIsOutput))
        if (port.find("upbeat-check") == std::string::npos) devices.push_back({JackInput{port}, port});
    for (const std::string& port : portsOf(client.get(), JackPortIsOutput, JACK_DEFAULT_MIDI_TYPE))
        if (port.find("upbeat-check") == std::string::npos) devices.push_back({MidiInput{port}, "MIDI " + port});
    return devices;
}

}  // namespace upbeat
