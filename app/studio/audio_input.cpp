#include "studio/audio_input.h"

#include <QThread>
#include <QtConcurrentRun>
#include <span>

#include "upbeat/audio/devices.h"
#include "upbeat/audio/simulated_stream.h"
#include "upbeat/signal/level_meter.h"

namespace upbeat {

MakeStream realStreams(double simulatedSpeed) {
    return [simulatedSpeed](const InputId& id, const AudioEngine& engine) -> std::unique_ptr<DuplexStream> {
        if (!std::holds_alternative<SimulatedInput>(id)) return streamOf(id);
        constexpr std::uint64_t kPlayer = 4711;
        auto heardBy = simulatedSpeed > 1 ? SimulatedStream::Speakers() : speakers();
        return std::make_unique<SimulatedStream>(engine, Character{}, kPlayer, simulatedSpeed, std::move(heardBy));
    };
}

AudioInput::AudioInput(MakeStream make) : m_make(std::move(make)) {
    m_pool.setMaxThreadCount(1);
}

AudioInput::~AudioInput() {
    close();
    m_pool.waitForDone();
}

Result<void> AudioInput::open(const InputId& id, int momentMs) {
    close();
    m_id = id;
    m_opening = QtConcurrent::run(&m_pool, [id, make = m_make, this]() -> Outcome {
        std::shared_ptr<DuplexStream> stream = make(id, m_engine);
        if (const auto started = stream->start(m_engine); !started) return {nullptr, started.error()};
        return {stream, {}};
    });
    const int attempt = ++m_attempt;
    for (int waited = 0; waited < momentMs && !m_opening->isFinished(); ++waited) QThread::msleep(1);
    if (m_opening->isFinished()) return settle(m_opening->result());
    m_opening->then(this, [this, attempt](const Outcome& outcome) {
        if (attempt != m_attempt || !m_opening) return;  // another one is wanted by now
        if (const auto settled = settle(outcome); !settled) Q_EMIT failed(settled.error());
    });
    return {};
}

Result<void> AudioInput::settle(const Outcome& outcome) {
    m_opening.reset();
    if (outcome.error) return tl::unexpected(*outcome.error);
    m_stream = outcome.stream;
    m_engine.keepIn(std::make_shared<PreRoll>(m_stream->sampleRate()));
    Q_EMIT opened();
    return {};
}

void AudioInput::close() {
    ++m_attempt;
    m_opening.reset();  // what still opens is closed when it is there
    if (m_stream) m_stream->stop();
    m_stream.reset();
}

QString AudioInput::name() const {
    if (isOpening()) return tr("the input is being opened");
    if (!isAlive()) return tr("no input: it has left");
    return isSimulated() ? tr("Simulated player") : QString::fromStdString(m_stream->name());
}

QString AudioInput::outputName() const {
    return m_stream ? QString::fromStdString(m_stream->outputName()) : QString();
}

int AudioInput::sampleRate() const {
    constexpr int kUsual = 48000;
    return m_stream ? m_stream->sampleRate() : kUsual;
}

double AudioInput::peakDb() {
    const float peak = m_engine.newPeak();
    return upbeat::peakDb(std::span(&peak, 1));
}

void AudioInput::setCharacter(const Character& character) {
    if (auto* simulated = dynamic_cast<SimulatedStream*>(m_stream.get())) simulated->setCharacter(character);
}

}  // namespace upbeat
