#include "demo/demo_builder.h"

#include "studio/take_view.h"

#include <QDateTime>
#include <mutex>
#include <thread>

#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/logbook/take_store.h"
#include "upbeat/player/render.h"
#include "upbeat/signal/take_listener.h"

namespace upbeat {

namespace {

/// One take of the scenario, ready for the logbook.
struct DemoTake {
    TakeView view;
    RenderedTake rendered;
    double nextBpm = 0;
};

DemoTake playOne(const ScenarioExercise& player, double tempoBpm, int bars, double days, const QDateTime& at,
                 std::uint64_t seed, const std::vector<RungTake>& history) {
    const Exercise& e = player.exercise;
    const int passes = std::max(1, bars / e.bars);
    const Performance performance = perform(e, Bpm(tempoBpm), passes, player.at(tempoBpm, days), seed);
    Recording recording;
    recording.kitSeed = player.seed;
    recording.rt60S = 0.25;
    recording.roomGain = 0.12;
    recording.tailS = 0.4;
    DemoTake take;
    take.rendered = render(performance, passes * passDurationS(e, Bpm(tempoBpm)), recording);
    StoredTake& stored = take.view.stored;
    stored.exercise = e;
    stored.startedAt = at;
    stored.frame = {tempoBpm, take.rendered.firstBeatS, passes * e.bars, 0, false, {}};
    stored.hits = detectHits(take.rendered.sound.view(), take.rendered.sound.sampleRate);
    stored.durationS = take.rendered.sound.durationS();
    stored.device = "Simulated player";
    measureFresh(take.view, {practiceProfile(), ladderOf(e), history}, {});
    // The demo's player does not take drills: it repeats the rung instead.
    const Verdict& v = take.view.analysis.verdict;
    take.nextBpm = v.action == Action::Up || v.action == Action::Back ? v.nextTempoBpm : tempoBpm;
    return take;
}

Result<void> keepTake(DemoTake& take, const TakeStore& store, TakeRepository& takes) {
    StoredTake& stored = take.view.stored;
    TakeSidecar sidecar;
    sidecar.exercise = stored.exercise;
    sidecar.click = clickFor(stored.exercise, Bpm(stored.frame.tempoBpm));
    sidecar.bars = stored.frame.bars;
    sidecar.firstBeatS = stored.frame.firstBeatS;
    sidecar.device = stored.device;
    sidecar.startedAt = stored.startedAt.toString(Qt::ISODate).toStdString();
    sidecar.hits = stored.hits;
    const auto name = store.begin(sidecar, stored.startedAt);
    if (!name) return tl::unexpected(name.error());
    if (auto written = writeSound(store.partFile(*name), take.rendered.sound, AudioFormat::Flac24); !written)
        return written;
    if (auto finished = store.finish(*name, sidecar); !finished) return finished;
    stored.file = *name + ".flac";
    const auto id = takes.add(stored, take.view.analysis);
    if (!id) return tl::unexpected(id.error());
    return {};
}

class Builder {
  public:
    Builder(const Scenario& scenario, std::filesystem::path file, QDate today,
            const std::function<void(double)>& progress, const std::atomic<bool>& stop)
        : m_scenario(scenario), m_file(std::move(file)), m_today(today), m_progress(progress), m_stop(stop) {
        for (const ScenarioExercise& e : scenario.exercises) m_total += e.takesADay * scenario.practiceDays();
    }

    Result<int> build() {
        if (auto made = Logbook::open(m_file); !made) return tl::unexpected(made.error());
        std::vector<std::thread> threads;
        for (std::size_t first = 0; first < 2; ++first)
            threads.emplace_back([this, first] {
                for (std::size_t i = first; i < m_scenario.exercises.size(); i += 2) playExercise(i);
            });
        for (std::thread& thread : threads) thread.join();
        if (m_error) return tl::unexpected(*m_error);
        return m_done.load();
    }

  private:
    void playExercise(std::size_t index) {
        const ScenarioExercise& player = m_scenario.exercises[index];
        const auto logbook = Logbook::open(m_file);
        if (!logbook) return report(logbook.error());
        TakeRepository takes(**logbook);
        const TakeStore store((*logbook)->takesFolder());
        std::vector<RungTake> history;
        double tempo = player.startBpm;
        for (int day = 0; day < m_scenario.practiceDays(); ++day) {
            const QDate date = m_today.addDays(-m_scenario.daysAgo[static_cast<std::size_t>(day)]);
            const QDateTime evening(date, QTime(18, 10 + static_cast<int>(index) * 7));
            for (int n = 0; n < player.takesADay; ++n) {
                if (m_stop.load()) return;
                DemoTake take = playOne(player, tempo, m_scenario.bars, day, evening.addSecs(n * 50),
                                        player.seed * 1000 + static_cast<std::uint64_t>(day * 10 + n), history);
                history.push_back(remember(tempo, take.view.analysis.gates));
                tempo = take.nextBpm;
                const std::lock_guard lock(m_writing);
                if (auto kept = keepTake(take, store, takes); !kept) return report(kept.error());
                m_progress(static_cast<double>(++m_done) / m_total);
            }
        }
        if (auto saved = LadderRepository(**logbook).save(player.exercise.id, {ladderOf(player.exercise), tempo});
            !saved)
            report(saved.error());
    }

    void report(const Error& error) {
        const std::lock_guard lock(m_reporting);
        if (!m_error) m_error = error;
    }

    const Scenario& m_scenario;
    std::filesystem::path m_file;
    QDate m_today;
    const std::function<void(double)>& m_progress;
    const std::atomic<bool>& m_stop;
    int m_total = 0;
    std::atomic<int> m_done{0};
    std::mutex m_writing;
    std::mutex m_reporting;
    std::optional<Error> m_error;
};

}  // namespace

Result<int> buildDemo(const Scenario& scenario, const std::filesystem::path& logbookFile, const QDate& today,
                      const std::function<void(double)>& progress, const std::atomic<bool>& stop) {
    return Builder(scenario, logbookFile, today, progress, stop).build();
}

}  // namespace upbeat
