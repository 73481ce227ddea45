#include "speed.h"

#include <fmt/format.h>
#include <sys/resource.h>

#include <unistd.h>

#include <chrono>
#include <cstdlib>
#include <filesystem>
#include <optional>

#include "simulated_sets.h"
#include "upbeat/formats/audio_file.h"
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

/// Seconds that a general-purpose onset detector of the system takes for the same sound, its settings left alone;
/// nothing where it is not installed.
std::optional<double> generalDetectorS(const std::vector<float>& samples) {
    const auto file = std::filesystem::temp_directory_path() / fmt::format("upbeat-bench-{}.wav", getpid());
    if (!writeSound(file, Sound{samples, 48000}, AudioFormat::Wav16)) return std::nullopt;
    const std::string command = "aubioonset -i " + file.string() + " >/dev/null 2>&1";
    int status = 0;
    const double seconds = secondsOf([&] { status = std::system(command.c_str()); });
    std::error_code ignored;
    std::filesystem::remove(file, ignored);
    return status == 0 ? std::optional(seconds) : std::nullopt;
}

}  // namespace

Table speedTable() {
    const Exercise exercise = *builtInExercise("paradiddle-accents");
    constexpr double kTempo = 120;
    const auto samples = tenMinutes(exercise, kTempo);
    std::vector<Hit> hits;
    const double detectS = secondsOf([&] { hits = detectHits(samples, 48000); });
    TakeAnalysis analysis;
    const TakeFrame frame{kTempo, 0, 300, 0, false, {}};
    const double restS = secondsOf([&] {
        analysis = analyzeTake(exercise, frame, hits, {Profile(), ladderOf(exercise), {}});
    });
    const auto generalS = generalDetectorS(samples);
    struct rusage usage {};
    getrusage(RUSAGE_SELF, &usage);
    Table table{"Speed, one core", {"what", "figure", "asked"}, {}};
    table.rows.push_back(
        {"analysis of a 10 min take, times real time", fmt::format("{:.0f}", 600 / (detectS + restS)), ">= 200"});
    table.rows.push_back(
        {"the same against aubioonset with its own settings",
         generalS ? fmt::format("{:.2f} times its time", (detectS + restS) / *generalS) : std::string("not installed"),
         ""});
    table.rows.push_back({"hits matched in it", fmt::format("{}", analysis.matched.strokes.size()), ""});
    table.rows.push_back({"from the last hit to the verdict, s", fmt::format("{:.3f}", restS), "<= 0.3"});
    table.rows.push_back(
        {"this process at most, MB (the samples are 115 of it)", fmt::format("{}", usage.ru_maxrss / 1024), ""});
    return table;
}

}  // namespace upbeat::bench
