#include "upbeat/audio/simulated_stream.h"

#include <algorithm>
#include <chrono>

namespace upbeat {

SimulatedStream::SimulatedStream(const AudioEngine& engine, Character character, std::uint64_t seed, double speed)
    : m_engine(engine), m_speed(speed), m_source(48000, std::move(character), seed) {}

SimulatedStream::~SimulatedStream() {
    SimulatedStream::stop();
}

Result<void> SimulatedStream::start(AudioProcess& process) {
    stop();
    m_thread = std::jthread([this, &process](const std::stop_token& token) { run(token, process); });
    return {};
}

void SimulatedStream::stop() {
    if (!m_thread.joinable()) return;
    m_thread.request_stop();
    m_thread.join();
}

void SimulatedStream::setCharacter(const Character& character) {
    const std::lock_guard lock(m_mutex);
    m_source.setCharacter(character);
}

void SimulatedStream::run(const std::stop_token& token, AudioProcess& process) {
    std::vector<float> in(static_cast<std::size_t>(periodFrames()));
    std::vector<float> out(in.size());
    const auto begin = std::chrono::steady_clock::now();
    for (std::int64_t position = 0; !token.stop_requested(); position += periodFrames()) {
        const auto current = m_engine.currentRun();
        while (current && current->isBackedUp() && !token.stop_requested())
            std::this_thread::sleep_for(std::chrono::milliseconds(1));
        {
            const std::lock_guard lock(m_mutex);
            m_source.fill(in, position, current);
        }
        std::fill(out.begin(), out.end(), 0.0F);
        process.process(in, out, {position});
        const double dueS = static_cast<double>(position + periodFrames()) / sampleRate() / m_speed;
        std::this_thread::sleep_until(begin + std::chrono::duration<double>(dueS));
    }
}

}  // namespace upbeat
