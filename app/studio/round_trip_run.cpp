#include "studio/round_trip_run.h"

#include <cmath>
#include <utility>

namespace upbeat {

namespace {

constexpr int kTickMs = 20;

std::shared_ptr<const Sound> probeSound(int sampleRate) {
    constexpr float kGain = 0.5F;
    auto sound = std::make_shared<Sound>();
    sound->sampleRate = sampleRate;
    sound->samples.resize(static_cast<std::size_t>(roundTripLengthS() * sampleRate));
    const auto wave = roundTripSound(sampleRate);
    for (const double timeS : roundTripTimesS()) {
        const auto from = static_cast<std::size_t>(std::llround(timeS * sampleRate));
        for (std::size_t i = 0; i < wave.size(); ++i) sound->samples[from + i] = kGain * wave[i];
    }
    return sound;
}

Result<RoundTrip> measure(const ProbeRun& probe) {
    if (!probe.isFinished())
        return fail(UPBEAT_TEXT("the input gives nothing"), {}, UPBEAT_TEXT("choose it once more"));
    if (probe.isDamaged()) return fail(UPBEAT_TEXT("the sound device stuttered"), {}, UPBEAT_TEXT("try it once more"));
    return measureRoundTrip(probe.recorded().samples, probe.recorded().sampleRate);
}

}  // namespace

RoundTripRun::RoundTripRun(AudioInput& input, Worker& worker) : m_input(input), m_worker(worker) {
    m_ticker.setInterval(kTickMs);
    connect(&m_ticker, &QTimer::timeout, this, &RoundTripRun::tick);
}

void RoundTripRun::start() {
    if (m_probe || !m_input.isAlive()) return;
    m_outcome.reset();
    m_probe = std::make_shared<ProbeRun>(probeSound(m_input.sampleRate()));
    m_polls = 0;
    m_input.engine().probe(m_probe);
    m_ticker.start();
}

void RoundTripRun::stop() {
    m_ticker.stop();
    m_input.engine().probe(nullptr);
    m_probe.reset();
}

void RoundTripRun::tick() {
    constexpr int kPatience = 1500;  // polls, half a minute
    const bool gaveUp = ++m_polls > kPatience || !m_input.isAlive();
    if (!m_probe->isFinished() && !gaveUp) return;
    const auto probe = m_probe;
    stop();
    m_worker.run([probe] { return measure(*probe); },
                 [this](const Result<RoundTrip>& trip) {
                     m_outcome = trip;
                     Q_EMIT measured();
                 });
}

}  // namespace upbeat
