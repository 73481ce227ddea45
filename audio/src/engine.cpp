#include "upbeat/audio/engine.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

void AudioEngine::process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept {
    PreRoll* preRoll = m_activePreRoll.load(std::memory_order_acquire);
    if (RecordingRun* run = m_active.load(std::memory_order_acquire)) {
        if (preRoll != nullptr) run->beginIn(*preRoll, cycle);
        run->process(in, out, cycle);
    }
    if (preRoll != nullptr) preRoll->push(in, cycle);
    if (Playback* playback = m_playing.load(std::memory_order_acquire)) playInto(out, *playback);
    if (ProbeRun* probe = m_activeProbe.load(std::memory_order_acquire)) probe->process(in, out, cycle);
    // Nobody who does not listen holds it up: what does not fit is not heard.
    if (InputTap* tap = m_activeTap.load(std::memory_order_acquire)) tap->push(in, cycle);
    float peak = m_peak.load(std::memory_order_relaxed);
    for (const float v : in) peak = std::max(peak, std::abs(v));
    m_peak.store(peak, std::memory_order_relaxed);
    m_cycles.fetch_add(1, std::memory_order_acq_rel);
}

void AudioEngine::note(const StruckNote& note) noexcept {
    constexpr float kHardest = 127;
    m_lastSwitch.store(note.key + 1);
    m_peak.store(std::max(m_peak.load(std::memory_order_relaxed), static_cast<float>(note.velocity) / kHardest));
    if (RecordingRun* run = m_active.load(std::memory_order_acquire)) run->note(note);
    if (PreRoll* preRoll = m_activePreRoll.load(std::memory_order_acquire)) preRoll->push(note);
    if (InputTap* tap = m_activeTap.load(std::memory_order_acquire)) (void)tap->notes.push(std::span(&note, 1));
}

void AudioEngine::switched(int controller) noexcept {
    constexpr int kFirstController = 129;
    m_lastSwitch.store(kFirstController + controller);
}

void AudioEngine::playInto(std::span<float> out, Playback& playback) noexcept {
    const auto& samples = playback.sound->samples;
    std::size_t next = playback.next.load(std::memory_order_relaxed);
    std::size_t filled = 0;
    while (filled < out.size() && !samples.empty()) {
        const std::size_t count = std::min(out.size() - filled, samples.size() - std::min(next, samples.size()));
        for (std::size_t i = 0; i < count; ++i) out[filled + i] += playback.gain * samples[next + i];
        next += count;
        filled += count;
        if (next < samples.size() || !playback.loop) break;
        next = 0;
    }
    playback.next.store(next, std::memory_order_release);
    if (next >= samples.size()) {
        Playback* mine = &playback;
        m_playing.compare_exchange_strong(mine, nullptr);
    }
}

void AudioEngine::startRun(std::shared_ptr<RecordingRun> run) {
    const std::lock_guard lock(m_control);
    if (m_run) retire(m_run);
    m_run = std::move(run);
    m_active.store(m_run.get(), std::memory_order_release);
}

void AudioEngine::clearRun() {
    startRun(nullptr);
}

std::shared_ptr<RecordingRun> AudioEngine::currentRun() const {
    const std::lock_guard lock(m_control);
    return m_run;
}

void AudioEngine::play(std::shared_ptr<const Sound> sound, double gain, bool loop) {
    const std::lock_guard lock(m_control);
    if (m_playback) retire(m_playback);
    m_playback = std::make_shared<Playback>();
    m_playback->sound = std::move(sound);
    m_playback->gain = static_cast<float>(gain);
    m_playback->loop = loop;
    m_playing.store(m_playback.get(), std::memory_order_release);
}

void AudioEngine::stopPlaying() {
    const std::lock_guard lock(m_control);
    m_playing.store(nullptr, std::memory_order_release);
}

double AudioEngine::playedS() const {
    const std::lock_guard lock(m_control);
    if (!m_playback) return 0;
    return static_cast<double>(m_playback->next.load()) / m_playback->sound->sampleRate;
}

void AudioEngine::retire(std::shared_ptr<void> object) {
    const std::int64_t now = m_cycles.load(std::memory_order_acquire);
    std::erase_if(m_retired, [now](const Retired& r) { return now - r.cycle >= 2; });
    m_retired.push_back({now, std::move(object)});
}

}  // namespace upbeat
