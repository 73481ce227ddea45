#include "studio/audio_input.h"

#include "upbeat/audio/jack_stream.h"
#include "upbeat/audio/simulated_stream.h"

namespace upbeat {

namespace {

const QLatin1String kJack("jack:");
const QLatin1String kMidi("midi:");
constexpr std::uint64_t kPlayer = 4711;

}  // namespace

MakeStream realStreams(double simulatedSpeed) {
    return [simulatedSpeed](const QString& id, const AudioEngine& engine) -> std::unique_ptr<DuplexStream> {
        if (id.startsWith(kJack)) return std::make_unique<JackStream>(id.mid(kJack.size()).toStdString());
        if (id.startsWith(kMidi))
            return std::make_unique<JackStream>(std::string(), id.mid(kMidi.size()).toStdString());
        return std::make_unique<SimulatedStream>(engine, Character{}, kPlayer, simulatedSpeed);
    };
}

AudioInput::AudioInput(MakeStream make) : m_make(std::move(make)) {}

AudioInput::~AudioInput() {
    close();
}

Result<void> AudioInput::open(const QString& id) {
    close();
    m_id = id;
    auto stream = m_make(id, m_engine);
    if (auto started = stream->start(m_engine); !started) return started;
    m_stream = std::move(stream);
    return {};
}

void AudioInput::close() {
    if (m_stream) m_stream->stop();
    m_stream.reset();
}

QString AudioInput::name() const {
    return m_stream ? QString::fromStdString(m_stream->name()) : QString();
}

bool AudioInput::isSimulated() const {
    return m_stream && !m_id.startsWith(kJack) && !m_id.startsWith(kMidi);
}

bool AudioInput::isMidi() const {
    return m_id.startsWith(kMidi);
}

int AudioInput::sampleRate() const {
    constexpr int kUsual = 48000;
    return m_stream ? m_stream->sampleRate() : kUsual;
}

void AudioInput::setCharacter(const Character& character) {
    if (auto* simulated = dynamic_cast<SimulatedStream*>(m_stream.get())) simulated->setCharacter(character);
}

}  // namespace upbeat
