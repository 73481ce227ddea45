#pragma once

#include <atomic>
#include <chrono>
#include <deque>
#include <mutex>
#include <thread>
#include <vector>

#include "studio/audio_input.h"
#include "upbeat/player/stroke_bank.h"

namespace upbeat::test {

/// A drummer at a microphone who strikes when the test says so; the loudspeaker is heard, too.
struct Drummer {
    std::atomic<float> echo{0.1F};
    std::atomic<bool> sendsNotes{false};  ///< By MIDI, and makes no sound.
    std::atomic<int> delay{700};          ///< Frames from the loudspeaker to the microphone.
    std::atomic<double> onClickMs{-1e9};  ///< Strikes so long after every click that is heard; far below: never.

    void strike(double peakDb) {
        const std::lock_guard lock(m_mutex);
        m_strokes.push_back(peakDb);
    }
    bool isDone() {
        const std::lock_guard lock(m_mutex);
        return m_strokes.empty();
    }
    std::optional<double> next() {
        const std::lock_guard lock(m_mutex);
        if (m_strokes.empty()) return std::nullopt;
        const double peakDb = m_strokes.front();
        m_strokes.pop_front();
        return peakDb;
    }

  private:
    std::mutex m_mutex;
    std::deque<double> m_strokes;
};

/// The device; it runs many times as fast as a real one.
class DrummerStream : public DuplexStream {
  public:
    explicit DrummerStream(std::shared_ptr<Drummer> drummer) : m_drummer(std::move(drummer)) {}
    ~DrummerStream() override { DrummerStream::stop(); }
    DrummerStream(const DrummerStream&) = delete;
    DrummerStream& operator=(const DrummerStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override {
        m_thread = std::jthread([this, &process](const std::stop_token& token) { run(token, process); });
        return {};
    }
    void stop() override {
        m_thread.request_stop();
        if (m_thread.joinable()) m_thread.join();
    }
    [[nodiscard]] int sampleRate() const override { return 48000; }
    [[nodiscard]] int periodFrames() const override { return 256; }
    [[nodiscard]] std::string outputName() const override { return "loudspeaker"; }
    [[nodiscard]] std::string name() const override { return "Kitchen microphone"; }

  private:
    void run(const std::stop_token& token, AudioProcess& process) {
        StrokeBank bank(makeKit(3), 48000, 4);
        std::vector<float> coming(1 << 16, 0.0F);  // ring: what will be heard
        std::vector<float> in(256);
        std::vector<float> out(256);
        const auto at = [&](std::int64_t position) -> float& {
            return coming[static_cast<std::size_t>(position) & (coming.size() - 1)];
        };
        const auto lay = [&](std::int64_t position, double peakDb) {
            const StrokeSound& stroke = bank.draw(Voice::Snare, 0.5);
            const auto gain = static_cast<float>(std::pow(10.0, (peakDb - stroke.levelDb) / 20));
            for (std::size_t i = 0; i < std::min<std::size_t>(stroke.samples.size(), 12000); ++i)
                at(position + static_cast<std::int64_t>(i) - std::llround(stroke.onset)) += gain * stroke.samples[i];
        };
        std::int64_t lastStroke = -48000;
        std::int64_t lastClick = -48000;
        for (std::int64_t position = 0; !token.stop_requested(); position += 256) {
            constexpr std::int64_t kBetween = 12000;
            if (position - lastStroke > kBetween)
                if (const auto peakDb = m_drummer->next()) {
                    if (m_drummer->sendsNotes)
                        process.note({position, 38, static_cast<int>(std::lround(127 * std::pow(10.0, *peakDb / 40)))});
                    else
                        lay(position + 1024, *peakDb);
                    lastStroke = position;
                }
            for (std::size_t i = 0; i < in.size(); ++i)
                in[i] = std::exchange(at(position + static_cast<std::int64_t>(i)), 0.0F);
            std::fill(out.begin(), out.end(), 0.0F);
            process.process(in, out, {position});
            for (std::size_t i = 0; i < out.size(); ++i) {
                const std::int64_t now = position + static_cast<std::int64_t>(i);
                at(now + m_drummer->delay) += m_drummer->echo * out[i];
                if (std::abs(out[i]) < 1e-5F || now - lastClick < 4800) continue;
                lastClick = now;
                const double later = m_drummer->onClickMs;
                if (later > -100) lay(now + m_drummer->delay + std::llround(later * 48), -12);
            }
            std::this_thread::sleep_for(std::chrono::microseconds(300));
        }
    }

    std::shared_ptr<Drummer> m_drummer;
    std::jthread m_thread;
};

}  // namespace upbeat::test
