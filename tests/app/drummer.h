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

/// A drummer in a room with a loudspeaker, who strikes when the test says so. Microphones hear both; the pads of an
/// electronic kit send notes. All streams of the room have one clock, many times as fast as a real one.
class Drummer {
  public:
    static constexpr int kRate = 48000;
    static constexpr int kPeriod = 256;

    std::atomic<float> echo{0.1F};
    std::atomic<int> delay{700};          ///< Frames from the loudspeaker to the microphone.
    std::atomic<double> onClickMs{-1e9};  ///< Strikes so long after every click that is heard; far below: never.
    std::atomic<int> noteDelay{-240};     ///< Frames from the sound in the microphone to the note.
    std::atomic<int> shakes{0};           ///< Key of a neighbouring pad that every stroke shakes; 0: none.
    std::atomic<int> cycleUs{300};        ///< Pause between cycles: 5333 is life.
    std::atomic<int> pedal{-1};           ///< Controller 4; below 0: there is none.

    Drummer() : m_thread([this](const std::stop_token& token) { run(token); }) {}

    void strike(double peakDb, int key = 38) {
        const std::lock_guard lock(m_mutex);
        m_wanted.push_back({peakDb, key});
    }
    /// All that was wanted is struck.
    bool isDone() {
        const std::lock_guard lock(m_mutex);
        return m_wanted.empty();
    }
    /// Seconds since the last stroke was struck, by the clock of the room.
    double quietS() {
        const std::lock_guard lock(m_mutex);
        return static_cast<double>(m_position - m_lastBlow) / kRate;
    }
    void attach(AudioProcess& process, bool isPads) {
        const std::lock_guard lock(m_mutex);
        m_streams.push_back({&process, isPads});
    }
    void detach(AudioProcess& process) {
        const std::lock_guard lock(m_mutex);
        std::erase_if(m_streams, [&](const Attached& a) { return a.process == &process; });
    }

  private:
    struct Blow {
        double peakDb;
        int key;
    };
    struct Attached {
        AudioProcess* process;
        bool isPads;
    };

    void run(const std::stop_token& token) {
        while (!token.stop_requested()) {
            {
                const std::lock_guard lock(m_mutex);
                if (!m_streams.empty()) cycle();
            }
            std::this_thread::sleep_for(std::chrono::microseconds(cycleUs));
        }
    }

    void cycle() {
        constexpr std::int64_t kBetween = 12000;
        constexpr std::int64_t kAhead = 1024;
        if (m_position - m_lastBlow > kBetween && !m_wanted.empty()) {
            land(m_position + kAhead, m_wanted.front());
            m_wanted.pop_front();
            m_lastBlow = m_position;
        }
        std::vector<float> heard(kPeriod);
        for (std::size_t i = 0; i < heard.size(); ++i)
            heard[i] = std::exchange(at(m_position + static_cast<std::int64_t>(i)), 0.0F);
        std::vector<float> played(kPeriod);
        const std::vector<float> nothing(kPeriod);
        for (const Attached& stream : m_streams) {
            std::vector<float> out(kPeriod);
            stream.process->process(stream.isPads ? nothing : heard, out, {m_position});
            for (std::size_t i = 0; i < out.size(); ++i) played[i] += out[i];
        }
        hearLoudspeaker(played);
        m_position += kPeriod;
        sendNotes();
    }

    void hearLoudspeaker(const std::vector<float>& played) {
        for (std::size_t i = 0; i < played.size(); ++i) {
            const std::int64_t now = m_position + static_cast<std::int64_t>(i);
            at(now + delay) += echo * played[i];
            if (std::abs(played[i]) < 1e-5F || now - m_lastClick < kRate / 10) continue;
            m_lastClick = now;
            const double later = onClickMs;
            if (later > -100) land(now + delay + std::llround(later * kRate / 1000), {-12, 38});
        }
    }

    void sendNotes() {
        for (; !m_notes.empty() && m_notes.front().position < m_position; m_notes.pop_front())
            for (const Attached& stream : m_streams)
                if (stream.isPads) stream.process->note(m_notes.front());
    }

    void land(std::int64_t position, const Blow& blow) {
        const StrokeSound& stroke = m_bank.draw(Voice::Snare, 0.5);
        const auto gain = static_cast<float>(std::pow(10.0, (blow.peakDb - stroke.levelDb) / 20));
        for (std::size_t i = 0; i < std::min<std::size_t>(stroke.samples.size(), 12000); ++i)
            at(position + static_cast<std::int64_t>(i) - std::llround(stroke.onset)) += gain * stroke.samples[i];
        const auto velocity = static_cast<int>(std::lround(127 * std::pow(10.0, blow.peakDb / 40)));
        const std::int64_t sent = position + noteDelay;
        m_notes.push_back({sent, blow.key, velocity, pedal});
        if (shakes > 0) m_notes.push_back({sent + 96, shakes, std::max(1, velocity / 5), pedal});
    }

    float& at(std::int64_t position) { return m_coming[static_cast<std::size_t>(position) & (m_coming.size() - 1)]; }

    std::mutex m_mutex;
    std::deque<Blow> m_wanted;
    std::vector<Attached> m_streams;
    StrokeBank m_bank{makeKit(3), kRate, 4};
    std::vector<float> m_coming = std::vector<float>(1 << 16, 0.0F);  // ring: what will be heard
    std::deque<StruckNote> m_notes;
    std::int64_t m_position = 0;
    std::int64_t m_lastBlow = -kRate;
    std::int64_t m_lastClick = -kRate;
    std::jthread m_thread;  // last: it uses what stands above
};

/// One device in that room.
class DrummerStream : public DuplexStream {
  public:
    explicit DrummerStream(std::shared_ptr<Drummer> drummer, bool isPads = false)
        : m_drummer(std::move(drummer)), m_isPads(isPads) {}
    ~DrummerStream() override { DrummerStream::stop(); }
    DrummerStream(const DrummerStream&) = delete;
    DrummerStream& operator=(const DrummerStream&) = delete;

    [[nodiscard]] Result<void> start(AudioProcess& process) override {
        m_process = &process;
        m_drummer->attach(process, m_isPads);
        return {};
    }
    void stop() override {
        if (m_process != nullptr) m_drummer->detach(*m_process);
        m_process = nullptr;
    }
    [[nodiscard]] int sampleRate() const override { return Drummer::kRate; }
    [[nodiscard]] int periodFrames() const override { return Drummer::kPeriod; }
    [[nodiscard]] std::string outputName() const override { return "loudspeaker"; }
    [[nodiscard]] std::string name() const override { return m_isPads ? "Pads" : "Kitchen microphone"; }

  private:
    std::shared_ptr<Drummer> m_drummer;
    bool m_isPads;
    AudioProcess* m_process = nullptr;
};

}  // namespace upbeat::test
