#include "long_recording.h"

#include <fmt/format.h>

#include <QTemporaryDir>
#include <chrono>
#include <thread>

#include "bench_window.h"
#include "upbeat/audio/offline_stream.h"
#include "upbeat/audio/take_writer.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/library.h"
#include "upbeat/player/perform.h"
#include "upbeat/player/render.h"

namespace upbeat::bench {

namespace {

constexpr double kTempo = 120;
constexpr double kBarS = 2;
constexpr int kRate = 48000;

struct RunOnly : AudioProcess {
    explicit RunOnly(RecordingRun& r) : run(r) {}
    void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept override {
        run.process(in, out, cycle);
    }
    RecordingRun& run;
};

/// Sixteen bars played and four of rest, over and over; gives what the process holds after each of these hours.
std::vector<double> record(const TakePlan& plan, double hours, const std::vector<double>& looks) {
    Recording recording;
    recording.leadS = plan.firstBeatS();
    const RenderedTake take = render(perform(plan.exercise, Bpm(kTempo), 16, {}, 5), 16 * kBarS, recording);
    const auto round = static_cast<std::int64_t>(20 * kBarS * kRate);
    const auto run = std::make_shared<RecordingRun>(plan, kRate);
    const auto writer = TakeWriter::start(run);
    OfflineStream stream(kRate, 1024, [&](std::span<float> in, std::int64_t position) {
        for (std::size_t i = 0; i < in.size(); ++i) {
            const std::int64_t at = (position + static_cast<std::int64_t>(i)) % round;
            in[i] = at < std::ssize(take.sound.samples) ? take.sound.samples[static_cast<std::size_t>(at)] : 0.0F;
        }
    });
    RunOnly process(*run);
    (void)stream.start(process);
    std::vector<double> memory;
    std::int64_t frames = 0;
    while (static_cast<double>(frames) < hours * 3600 * kRate) {
        if (run->isBackedUp()) {
            std::this_thread::sleep_for(std::chrono::milliseconds(1));
            continue;
        }
        (void)stream.cycle();
        (void)(*writer)->newHits();
        frames += 1024;
        if (memory.size() < looks.size() && static_cast<double>(frames) >= looks[memory.size()] * 3600 * kRate)
            memory.push_back(memoryMb());
    }
    (void)(*writer)->finish();
    return memory;
}

}  // namespace

Table longRecordingTable() {
    using Clock = std::chrono::steady_clock;
    QTemporaryDir dir;
    const TakeArchive archive(*DataFolder::open(dir.path().toStdString()));
    TakePlan plan;
    plan.exercise = *builtInExercise("singles-sixteenths");
    plan.click = clickFor(plan.exercise, Bpm(kTempo));
    plan.bars = static_cast<int>(3.2 * 3600 / kBarS);
    plan.openEnded = true;
    TakeRecord whole = recordOf(plan);
    whole.startedAt = stampOf(QDateTime::currentDateTime());
    const std::string name = *archive.store().begin(whole, QDateTime::currentDateTime());
    plan.file = archive.store().partFile(name);
    const auto memory = record(plan, 3, {0.1, 1, 2, 2.99});
    const auto start = Clock::now();
    const auto ids = archive.split(name, whole, [](TakeRecord& take, const CoachPlan& coach) {
        return analyzeTake(take.exercise, take.frame, take.hits, coach);
    });
    const double splitS = std::chrono::duration<double>(Clock::now() - start).count();
    Table table{"Three hours recorded without a stop", {"", "value"}, {}};
    table.rows.push_back({"memory after 6 minutes, 1, 2, 3 hours, MB",
                          fmt::format("{:.0f}, {:.0f}, {:.0f}, {:.0f}", memory[0], memory[1], memory[2], memory[3])});
    table.rows.push_back(
        {"takes found (270 were played)", ids ? fmt::format("{}", ids->size()) : ids.error().sentence()});
    table.rows.push_back({"taking it apart, s", fmt::format("{:.0f}", splitS)});
    table.rows.push_back({"memory meanwhile at its end, MB", fmt::format("{:.0f}", memoryMb())});
    return table;
}

}  // namespace upbeat::bench
