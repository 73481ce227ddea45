#include "upbeat/audio/simulated_stream.h"

#include <algorithm>
#include <chrono>

namespace upbeat {

SimulatedStream::SimulatedStream(const AudioEngine& engine, Character character, std::uint64_t seed, double speed,
                                 Speakers speakers)
    : m_engine(engine),
      m_character(std::move(character)),
      m_seed(seed),
      m_speed(speed),
      m_speakers(std::move(speakers)) {}

SimulatedStream::~SimulatedStream() {
    SimulatedStream::stop();
}

void SimulatedStream::Feed::process(std::span<const float> /*in*/, std::span<float> out,
                                    const Cycle& /*cycle*/) noexcept {
    (void)ahead.pop(out);
}

void SimulatedStream::openSpeaker() {
    for (auto& speaker : m_speakers)
        if (speaker->start(m_feed)) {
            m_speaker = std::move(speaker);
            m_sampleRate = m_speaker->sampleRate();
            break;
        }
    m_speakers.clear();
}

Result<void> SimulatedStream::start(AudioProcess& process) {
    stop();
    openSpeaker();
    m_source.emplace(m_sampleRate, m_character, m_seed);
    m_thread = std::jthread([this, &process](const std::stop_token& token) { run(token, process); });
    return {};
}

void SimulatedStream::stop() {
    if (m_thread.joinable()) {
        m_thread.request_stop();
        m_thread.join();
    }
    if (m_speaker) m_speaker->stop();
    m_speaker.reset();
}

void SimulatedStream::setCharacter(const Character& character) {
    const std::lock_guard lock(m_mutex);
    m_character = character;
    if (m_source) m_source->setCharacter(character);
}

/// Enough is made ahead for two cycles of the device and a short stall of ours.
bool SimulatedStream::speakerIsFull() const {
    const auto enough = static_cast<std::size_t>(2 * m_speaker->periodFrames() + 4 * periodFrames());
    return m_feed.ahead.size() >= std::min(enough, m_feed.ahead.capacity() / 2);
}

void SimulatedStream::run(const std::stop_token& token, AudioProcess& process) {
    using Clock = std::chrono::steady_clock;
    std::vector<float> in(static_cast<std::size_t>(periodFrames()));
    std::vector<float> out(in.size());
    auto due = Clock::now();
    const std::chrono::duration<double> length(periodFrames() / m_speed / sampleRate());
    for (std::int64_t position = 0; !token.stop_requested(); position += periodFrames()) {
        const auto current = m_engine.currentRun();
        while (current && current->isBackedUp() && !token.stop_requested())
            std::this_thread::sleep_for(std::chrono::milliseconds(1));
        {
            const std::lock_guard lock(m_mutex);
            m_source->fill(in, position, current);
        }
        std::fill(out.begin(), out.end(), 0.0F);
        process.process(in, out, {position});
        due += std::chrono::duration_cast<Clock::duration>(length);
        if (!m_speaker) {
            std::this_thread::sleep_until(due);
            continue;
        }
        (void)m_feed.ahead.push(out);
        // A device that takes nothing any more holds nobody up.
        constexpr auto kPatience = std::chrono::milliseconds(100);
        while (speakerIsFull() && Clock::now() < due + kPatience && !token.stop_requested())
            std::this_thread::sleep_for(std::chrono::milliseconds(1));
        due = std::max(due, Clock::now() - kPatience);
    }
}

}  // namespace upbeat
