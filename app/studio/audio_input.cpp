#include "studio/audio_input.h"

#include <cmath>

#include "upbeat/audio/jack_stream.h"
#include "upbeat/audio/simulated_stream.h"

namespace upbeat {

namespace {

/// Opens the stream of each kind of input.
struct StreamOf {
    const AudioEngine& engine;
    double simulatedSpeed;

    std::unique_ptr<DuplexStream> operator()(const SimulatedInput&) const {
        constexpr std::uint64_t kPlayer = 4711;
        return std::make_unique<SimulatedStream>(engine, Character{}, kPlayer, simulatedSpeed);
    }
    std::unique_ptr<DuplexStream> operator()(const JackInput& jack) const {
        return std::make_unique<JackStream>(jack.port);
    }
    std::unique_ptr<DuplexStream> operator()(const MidiInput& midi) const {
        return std::make_unique<JackStream>(std::string(), midi.port);
    }
};

}  // namespace

MakeStream realStreams(double simulatedSpeed) {
    return [simulatedSpeed](const InputId& id, const AudioEngine& engine) {
        return std::visit(StreamOf{engine, simulatedSpeed}, id);
    };
}

AudioInput::AudioInput(MakeStream make) : m_make(std::move(make)) {}

AudioInput::~AudioInput() {
    close();
}

std::vector<InputDevice> AudioInput::list() {
    std::vector<InputDevice> devices{{SimulatedInput{}, tr("Simulated player").toStdString()}};
    const auto jack = jackInputs();
    devices.insert(devices.end(), jack.begin(), jack.end());
    return devices;
}

Result<void> AudioInput::open(const InputId& id) {
    close();
    m_id = id;
    auto stream = m_make(id, m_engine);
    if (auto started = stream->start(m_engine); !started) return started;
    m_stream = std::move(stream);
    Q_EMIT opened();
    return {};
}

void AudioInput::close() {
    if (m_stream) m_stream->stop();
    m_stream.reset();
}

QString AudioInput::name() const {
    if (!isAlive()) return tr("no input: it has left");
    return isSimulated() ? tr("Simulated player") : QString::fromStdString(m_stream->name());
}

int AudioInput::sampleRate() const {
    constexpr int kUsual = 48000;
    return m_stream ? m_stream->sampleRate() : kUsual;
}

double AudioInput::peakDb() {
    constexpr float kSilence = 1e-6F;
    constexpr double kSilenceDb = -120;
    const float peak = m_engine.newPeak();
    return peak > kSilence ? 20.0 * std::log10(static_cast<double>(peak)) : kSilenceDb;
}

void AudioInput::setCharacter(const Character& character) {
    if (auto* simulated = dynamic_cast<SimulatedStream*>(m_stream.get())) simulated->setCharacter(character);
}

}  // namespace upbeat
