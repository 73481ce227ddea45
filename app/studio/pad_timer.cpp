#include "studio/pad_timer.h"

#include <cmath>
#include <utility>

#include "upbeat/signal/hit_detector.h"

namespace upbeat {

namespace {

constexpr int kPadTickMs = 20;
constexpr int kLongestS = 30;
constexpr const char* kMicrophone = "padMicrophone";

std::shared_ptr<const Sound> silence(int sampleRate) {
    auto sound = std::make_shared<Sound>();
    sound->sampleRate = sampleRate;
    sound->samples.resize(static_cast<std::size_t>(kLongestS) * static_cast<std::size_t>(sampleRate));
    return sound;
}

Result<PadTiming> timingOf(const ProbeRun& probe, const std::vector<StruckNote>& notes) {
    if (!probe.isFinished())
        return fail(UPBEAT_TEXT("the microphone gives nothing"), {}, UPBEAT_TEXT("try it by itself first"));
    if (probe.isDamaged()) return fail(UPBEAT_TEXT("the sound device stuttered"), {}, UPBEAT_TEXT("try it once more"));
    HitDetector detector(probe.recorded().sampleRate);
    detector.push(probe.recorded().samples);
    detector.finish();
    std::vector<double> soundsS;
    for (const Hit& hit : detector.take())
        if (hit.strength >= kFirmStrength) soundsS.push_back(hit.timeS);
    std::vector<double> notesS;
    notesS.reserve(notes.size());
    for (const StruckNote& note : notes)
        notesS.push_back(static_cast<double>(probe.inRecording(note.position)) / probe.recorded().sampleRate);
    return padTiming(notesS, soundsS);
}

}  // namespace

PadTimer::PadTimer(const With& with, MakeStream make) : m_with(with), m_microphone(std::move(make)) {
    m_ticker.setInterval(kPadTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &PadTimer::tick);
    connect(&m_microphone, &AudioInput::opened, this, &PadTimer::listen);
    connect(&m_microphone, &AudioInput::failed, this, [this](const Error& error) { end(tl::unexpected(error)); });
}

void PadTimer::setMicrophone(const InputId& id) {
    m_with.setup.rememberAll(QLatin1String(kMicrophone), {{QStringLiteral("id"), QString::fromStdString(toText(id))}});
}

std::optional<InputId> PadTimer::microphone() const {
    const QVariantMap kept = m_with.setup.recallAll(QLatin1String(kMicrophone));
    const InputId id = inputFromText(kept.value(QStringLiteral("id")).toString().toStdString());
    if (isNotes(id) || std::holds_alternative<SimulatedInput>(id)) return std::nullopt;
    return id;
}

void PadTimer::start() {
    const auto id = microphone();
    if (m_isRunning || !id || !m_with.pads.isAlive()) return;
    m_outcome.reset();
    m_notes.clear();
    m_polls = m_restPolls = 0;
    m_isRunning = true;
    m_ticker.start();
    if (const auto opened = m_microphone.open(*id); !opened) end(tl::unexpected(opened.error()));
}

/// The microphone is there.
void PadTimer::listen() {
    if (!m_isRunning) return;
    if (!m_with.calibrations.of(m_microphone))
        return end(fail(UPBEAT_TEXT("the round trip of the microphone is not known as it runs now"), {},
                        UPBEAT_TEXT("choose the microphone as input, measure its round trip, and come back")));
    m_probe = std::make_shared<ProbeRun>(silence(m_microphone.sampleRate()));
    m_tap = std::make_shared<InputTap>(m_with.pads.sampleRate());
    m_microphone.engine().probe(m_probe);
    m_with.pads.engine().tap(m_tap);
    Q_EMIT changed();
}

void PadTimer::collect() {
    StruckNote note;
    const std::size_t before = m_notes.size();
    while (m_tap && m_tap->notes.pop(std::span(&note, 1)) == 1) m_notes.push_back(note);
    if (m_notes.size() > before) Q_EMIT changed();
}

void PadTimer::tick() {
    collect();
    constexpr int kRest = 40;  // polls after the last stroke: until it was heard and has died away
    if (m_notes.size() >= kTimingStrokes && ++m_restPolls == kRest && m_probe) m_probe->stop();
    constexpr int kPatience = 2 * kLongestS * 1000 / kPadTickMs;
    const bool gaveUp =
        ++m_polls > kPatience || !m_with.pads.isAlive() || (!m_microphone.isOpening() && !m_microphone.isAlive());
    if (!gaveUp && !(m_probe && m_probe->isFinished())) return;
    if (!m_probe)
        return end(fail(UPBEAT_TEXT("the microphone gives nothing"), {}, UPBEAT_TEXT("try it by itself first")));
    const KnownLoop known = m_with.calibrations.known(m_microphone);
    m_with.worker.run([probe = m_probe, notes = m_notes] { return timingOf(*probe, notes); },
                      [this, known](const Result<PadTiming>& timing) {
                          if (!timing) return end(tl::unexpected(timing.error()));
                          end(Outcome{known.latencyS.value_or(0) + timing->behindS,
                                      std::hypot(known.uncertainMs, timing->uncertainMs), *timing});
                      });
    stop();
}

void PadTimer::stop() {
    m_isRunning = false;
    m_ticker.stop();
    m_microphone.engine().probe(nullptr);
    if (m_tap) m_with.pads.engine().untap(m_tap);
    m_microphone.close();
    m_probe.reset();
    m_tap.reset();
}

void PadTimer::end(const Result<Outcome>& outcome) {
    stop();
    m_outcome = outcome;
    Q_EMIT measured();
}

}  // namespace upbeat
