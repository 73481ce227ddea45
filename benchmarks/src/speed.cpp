#include "speed.h"

#include <fmt/format.h>

#include <unistd.h>

#include <chrono>
#include <cstdlib>
#include <filesystem>
#include <optional>

#include "bench_window.h"
#include "simulated_sets.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "upbeat/player/render.h"
#include "upbeat/signal/take_listener.h"

namespace upbeat::bench {

namespace {

double secondsOf(const auto& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

std::vector<float> tenMinutes(const Exercise& exercise, double tempoBpm) {
    const int passes = 60;
    const Performance performance = perform(exercise, Bpm(tempoBpm), passes, {}, 3);
    const double duration = passes * passDurationS(exercise, Bpm(tempoBpm));
    Recording recording;
    recording.leadS = recording.tailS = 0;
    const RenderedTake part = render(performance, duration, recording);
    std::vector<float> all;
    while (all.size() < 600U * 48000U) all.insert(all.end(), part.sound.samples.begin(), part.sound.samples.end());
    all.resize(600U * 48000U);
    return all;
}

/// A sound as a file, gone when this goes.
class SoundFile {
  public:
    explicit SoundFile(const std::vector<float>& samples)
        : m_path(std::filesystem::temp_directory_path() / fmt::format("upbeat-bench-{}.wav", getpid())),
          m_isWritten(writeSound(m_path, Sound{samples, 48000}, AudioFormat::Wav16).has_value()) {}
    ~SoundFile() {
        std::error_code ignored;
        std::filesystem::remove(m_path, ignored);
    }
    SoundFile(const SoundFile&) = delete;
    SoundFile& operator=(const SoundFile&) = delete;

    /// Seconds that a general-purpose onset detector of the system takes for it, its settings left alone; nothing where
    /// it is not installed.
    [[nodiscard]] std::optional<double> generalDetectorS() const {
        if (!m_isWritten) return std::nullopt;
        const std::string command = "aubioonset -i " + m_path.string() + " >/dev/null 2>&1";
        int status = 0;
        const double seconds = secondsOf([&] { status = std::system(command.c_str()); });
        return status == 0 ? std::optional(seconds) : std::nullopt;
    }

  private:
    std::filesystem::path m_path;
    bool m_isWritten;
};

struct Timed {
    double detectS = 0;
    double restS = 0;
    TakeAnalysis analysis;
};

Timed analyseTenMinutes(const Exercise& exercise, double tempoBpm, const std::vector<float>& samples) {
    Timed timed;
    std::vector<Hit> hits;
    timed.detectS = secondsOf([&] { hits = detectHits(samples, 48000); });
    const TakeFrame frame{tempoBpm, 0, 300, 0, false, {}};
    timed.restS = secondsOf([&] {
        timed.analysis = analyzeTake(exercise, frame, hits, {Profile(), ladderOf(exercise), {}});
    });
    return timed;
}

}  // namespace

Table speedTable() {
    constexpr double kTempo = 120;
    constexpr int kPairs = 7;  // by turns: a machine that others use, too, is slow for both of a pair
    const Exercise exercise = *builtInExercise("paradiddle-accents");
    const auto samples = tenMinutes(exercise, kTempo);
    const SoundFile file(samples);
    std::vector<double> times;
    std::vector<double> rests;
    std::vector<double> shares;
    Timed timed;
    for (int pair = 0; pair < kPairs; ++pair) {
        timed = analyseTenMinutes(exercise, kTempo, samples);
        times.push_back(timed.detectS + timed.restS);
        rests.push_back(timed.restS);
        if (const auto generalS = file.generalDetectorS()) shares.push_back(times.back() / *generalS);
    }
    const std::string share =
        shares.empty() ? std::string("not installed") : fmt::format("{:.2f} times its time", median(shares));
    Table table{"Speed, one core, middle one of seven", {"what", "figure", "asked"}, {}};
    table.rows = {{"analysis of a 10 min take, times real time", fmt::format("{:.0f}", 600 / median(times)), ">= 200"},
                  {"the same against aubioonset with its own settings, by turns", share, "<= 0.6"},
                  {"hits matched in it", fmt::format("{}", timed.analysis.matched.strokes.size()), ""},
                  {"from the last hit to the verdict, s", fmt::format("{:.3f}", median(rests)), "<= 0.3"},
                  {"this process at most, MB (the samples are 115 of it)", fmt::format("{:.0f}", peakMemoryMb()), ""}};
    return table;
}

}  // namespace upbeat::bench
