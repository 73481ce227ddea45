#include "upbeat/audio/jack_stream.h"

#include <algorithm>
#include <atomic>
#include <span>

#include "jack_library.h"
#include "upbeat/audio/note_bytes.h"

namespace upbeat {

namespace {

struct CloseClient {
    void operator()(jack_client_t* client) const { JackLibrary::find()->clientClose(client); }
};
using Client = std::unique_ptr<jack_client_t, CloseClient>;

Result<Client> openClient(const char* name) {
    const JackLibrary* jack = JackLibrary::find();
    // JackNoStartServer: a program that measures must not start a sound server behind the user's back.
    Client client(jack == nullptr ? nullptr : jack->clientOpen(name, JackNoStartServer, nullptr));
    if (!client)
        return fail(UPBEAT_TEXT("no JACK server answers"), "sound", UPBEAT_TEXT("start it, or choose another input"));
    return client;
}

std::vector<std::string> portsOf(jack_client_t* client, unsigned long flags,
                                 const char* type = JACK_DEFAULT_AUDIO_TYPE) {
    const JackLibrary& jack = *JackLibrary::find();
    std::vector<std::string> names;
    const char** ports = jack.getPorts(client, nullptr, type, flags);
    for (const char** port = ports; port != nullptr && *port != nullptr; ++port)
        if (std::string_view(*port).find("upbeat-check") == std::string_view::npos) names.emplace_back(*port);
    if (ports != nullptr) jack.free(ports);
    return names;
}

}  // namespace

struct JackStream::Impl {
    const JackLibrary* jack = JackLibrary::find();
    Client client;
    jack_port_t* in = nullptr;
    jack_port_t* out = nullptr;
    jack_port_t* midi = nullptr;
    AudioProcess* process = nullptr;
    bool first = true;
    jack_nframes_t lastFrame = 0;
    std::int64_t position = 0;
    NoteReader reader;
    std::atomic<int> clock{0};  // grows when the server's rate changes
    int rate = 0;
    jack_port_t* heard = nullptr;  // the port that is listened to
    std::atomic<bool> gone{false};
    std::atomic<bool> wired{false};  // it was connected once
    std::atomic<bool> unplugged{false};

    [[nodiscard]] Result<void> openPorts();
    void listenToServer();
    [[nodiscard]] Result<void> connect(const InputId& wanted) const;

    /// From the server's own thread: what is connected has changed. Not noexcept: closing the client cancels that
    /// thread wherever it waits, which unwinds through here.
    void rewired() {
        const bool connected = jack->portConnected(heard) > 0;
        if (connected) wired.store(true);
        unplugged.store(wired.load() && !connected);
    }

    int runAt(int newRate) noexcept {
        if (rate != 0 && newRate != rate) clock.fetch_add(1);
        rate = newRate;
        return 0;
    }

    int cycle(jack_nframes_t frames) noexcept {
        const jack_nframes_t now = jack->lastFrameTime(client.get());
        // The signed difference is right across the wrap of the 32-bit frame clock, and where the clock is set back.
        position = first ? now : position + static_cast<std::int32_t>(now - lastFrame);
        first = false;
        lastFrame = now;
        const auto* input = static_cast<const float*>(jack->portGetBuffer(in, frames));
        auto* output = static_cast<float*>(jack->portGetBuffer(out, frames));
        std::fill_n(output, frames, 0.0F);
        const bool late = jack->framesSinceCycleStart(client.get()) > frames || unplugged.load();
        process->process(std::span(input, frames), std::span(output, frames), {position, late, clock.load()});
        passNotes(frames);
        return 0;
    }

    void passNotes(jack_nframes_t frames) noexcept {
        void* events = jack->portGetBuffer(midi, frames);
        const jack_nframes_t count = jack->midiGetEventCount(events);
        for (jack_nframes_t i = 0; i < count; ++i) {
            jack_midi_event_t event;
            if (jack->midiEventGet(&event, events, i) != 0) continue;
            const std::span bytes(event.buffer, event.size);
            if (const auto note = reader.read(bytes, position + event.time)) process->note(*note);
            if (const auto controller = switchedOn(bytes)) process->switched(*controller);
        }
    }
};

JackStream::JackStream(InputId input) : m_input(std::move(input)) {}

JackStream::~JackStream() {
    JackStream::stop();
}

Result<void> JackStream::Impl::openPorts() {
    const auto port = [this](const char* name, const char* type, unsigned long flags) {
        return jack->portRegister(client.get(), name, type, flags, 0);
    };
    in = port("in", JACK_DEFAULT_AUDIO_TYPE, JackPortIsInput);
    out = port("out", JACK_DEFAULT_AUDIO_TYPE, JackPortIsOutput);
    midi = port("notes", JACK_DEFAULT_MIDI_TYPE, JackPortIsInput);
    if (in != nullptr && out != nullptr && midi != nullptr) return {};
    return fail(UPBEAT_TEXT("the sound server gives no ports"), "sound input",
                UPBEAT_TEXT("close other sound programs"));
}

void JackStream::Impl::listenToServer() {
    jack_client_t* c = client.get();
    jack->setProcessCallback(
        c, [](jack_nframes_t frames, void* self) { return static_cast<Impl*>(self)->cycle(frames); }, this);
    jack->onShutdown(
        c, [](void* self) { static_cast<Impl*>(self)->gone.store(true); }, this);
    jack->setPortConnectCallback(
        c, [](jack_port_id_t, jack_port_id_t, int, void* self) { static_cast<Impl*>(self)->rewired(); }, this);
    // It is called once with the rate that holds already.
    jack->setSampleRateCallback(
        c, [](jack_nframes_t now, void* self) { return static_cast<Impl*>(self)->runAt(static_cast<int>(now)); }, this);
}

/// Wires the chosen port, or the first physical one, to ours, and ours to the loudspeakers.
Result<void> JackStream::Impl::connect(const InputId& wanted) const {
    jack_client_t* c = client.get();
    const auto playbacks = portsOf(c, JackPortIsInput | JackPortIsPhysical);
    for (std::size_t i = 0; i < std::min<std::size_t>(2, playbacks.size()); ++i)
        (void)jack->connect(c, jack->portName(out), playbacks[i].c_str());
    std::string from;
    if (const auto* notes = std::get_if<MidiInput>(&wanted)) from = notes->port;
    if (const auto* sound = std::get_if<JackInput>(&wanted)) {
        const auto captures = portsOf(c, JackPortIsOutput | JackPortIsPhysical);
        from = sound->port.empty() && !captures.empty() ? captures.front() : sound->port;
    }
    if (from.empty() || jack->connect(c, from.c_str(), jack->portName(heard)) == 0) return {};
    return fail(Text::with(UPBEAT_TEXT("the input %1 is not there"), from), "sound input",
                UPBEAT_TEXT("plug it in, or choose another input"));
}

Result<void> JackStream::start(AudioProcess& process) {
    stop();
    auto client = openClient("upbeat-check");
    if (!client) return tl::unexpected(client.error());
    auto impl = std::make_unique<Impl>();
    impl->process = &process;
    impl->client = *std::move(client);
    if (auto opened = impl->openPorts(); !opened) return opened;
    impl->heard = isNotes(m_input) ? impl->midi : impl->in;
    impl->listenToServer();
    if (impl->jack->activate(impl->client.get()) != 0)
        return fail(UPBEAT_TEXT("the sound server does not start us"), "sound input",
                    UPBEAT_TEXT("restart the sound server"));
    m_impl = std::move(impl);
    auto connected = m_impl->connect(m_input);
    if (!connected) stop();
    return connected;
}

void JackStream::stop() {
    if (!m_impl) return;
    (void)m_impl->jack->deactivate(m_impl->client.get());
    m_impl.reset();
}

StreamHealth JackStream::health() const {
    if (!m_impl || m_impl->gone.load()) return StreamHealth::Gone;
    return m_impl->unplugged.load() ? StreamHealth::Unplugged : StreamHealth::Alive;
}

int JackStream::sampleRate() const {
    return m_impl ? static_cast<int>(m_impl->jack->getSampleRate(m_impl->client.get())) : 48000;
}
int JackStream::periodFrames() const {
    return m_impl ? static_cast<int>(m_impl->jack->getBufferSize(m_impl->client.get())) : 256;
}
std::string JackStream::outputName() const {
    if (!m_impl) return {};
    const auto playbacks = portsOf(m_impl->client.get(), JackPortIsInput | JackPortIsPhysical);
    return playbacks.empty() ? std::string() : playbacks.front();
}

std::string JackStream::outputPort() const {
    return m_impl ? m_impl->jack->portName(m_impl->out) : "";
}
std::string JackStream::inputPort() const {
    return m_impl ? m_impl->jack->portName(m_impl->in) : "";
}

Result<std::vector<InputDevice>> jackInputs() {
    const auto client = openClient("upbeat-check-probe");
    if (!client) return tl::unexpected(client.error());
    std::vector<InputDevice> devices;
    const auto physical = portsOf(client->get(), JackPortIsOutput | JackPortIsPhysical);
    devices.reserve(physical.size());
    for (const std::string& port : physical) devices.push_back({JackInput{port}, port});
    for (const std::string& port : portsOf(client->get(), JackPortIsOutput))
        if (std::find(physical.begin(), physical.end(), port) == physical.end())
            devices.push_back({JackInput{port}, port});
    for (const std::string& port : portsOf(client->get(), JackPortIsOutput, JACK_DEFAULT_MIDI_TYPE))
        devices.push_back({MidiInput{port}, "MIDI " + port});
    return devices;
}

}  // namespace upbeat
