#include "demo/demo_builder.h"

#include <QDateTime>
#include <mutex>
#include <thread>

#include "studio/take_view.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/take_archive.h"
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
    TakeRecord& stored = take.view.stored;
    stored.exercise = e;
    stored.startedAt = stampOf(at);
    stored.click = clickFor(e, Bpm(tempoBpm));
    stored.ladder = ladderOf(e);
    stored.frame = {tempoBpm, take.rendered.firstBeatS, passes * e.bars, 0, false, {}};
    stored.hits = detectHits(take.rendered.sound.view(), take.rendered.sound.sampleRate);
    stored.durationS = take.rendered.sound.durationS();
    stored.device = "Simulated player";
    measureFresh(take.view, {Profile(), ladderOf(e), history}, {});
    // The demo's player does not take drills: it repeats the rung instead.
    const Verdict& v = take.view.analysis.verdict;
    take.nextBpm = v.action == Action::Up || v.action == Action::Back ? v.nextTempoBpm : tempoBpm;
    return take;
}

/// The evening on which takes of an exercise were played, and the moment of one of them.
QDateTime momentOf(const Scenario& scenario, QDate today, std::size_t exercise, int day, int take) {
    constexpr int kTakeS = 50;
    constexpr int kExerciseMin = 7;
    const QDate date = today.addDays(-scenario.daysAgo[static_cast<std::size_t>(day)]);
    const QDateTime evening(date, QTime(18, 10 + static_cast<int>(exercise) * kExerciseMin));
    return evening.addSecs(static_cast<qint64>(take) * kTakeS);
}

std::filesystem::path markOf(const DataFolder& folder) {
    return folder.root() / "demo-begun";
}

class Builder {
  public:
    Builder(const Scenario& scenario, const DemoSite& site, const std::function<void(const DemoProgress&)>& arrived,
            const std::atomic<bool>& stop)
        : m_scenario(scenario), m_site(site), m_archive(site.folder), m_arrived(arrived), m_stop(stop) {
        for (const ScenarioExercise& e : scenario.exercises) m_total += e.takesADay * std::max(0, scenario.practiceDays() - e.firstDay);
        for (std::size_t i = 0; i < scenario.exercises.size(); ++i)
            m_order.insert(scenario.exercises[i].exercise.id == scenario.open ? m_order.begin() : m_order.end(), i);
    }

    Result<int> build() {
        if (auto marked = writeFileAtomically(markOf(m_site.folder), m_site.today.toString(Qt::ISODate).toStdString());
            !marked)
            return tl::unexpected(marked.error());
        const auto logbook = Logbook::open(m_site.folder.logbook());
        if (!logbook) return tl::unexpected(logbook.error());
        auto known = TakeRepository(**logbook).files();
        if (!known) return tl::unexpected(known.error());
        m_known = *std::move(known);
        std::vector<std::thread> threads;
        for (std::size_t first = 0; first < 2; ++first)
            threads.emplace_back([this] {
                for (std::size_t i = m_next++; i < m_order.size(); i = m_next++) playExercise(m_order[i]);
            });
        for (std::thread& thread : threads) thread.join();
        if (m_error) return tl::unexpected(*m_error);
        if (!m_stop.load()) std::filesystem::remove(markOf(m_site.folder));
        return m_done.load();
    }

  private:
    void playExercise(std::size_t index) {
        const ScenarioExercise& player = m_scenario.exercises[index];
        std::vector<RungTake> history;
        double tempo = player.startBpm;
        for (int day = player.firstDay; day < m_scenario.practiceDays(); ++day)
            for (int n = 0; n < player.takesADay; ++n) {
                if (m_stop.load()) return;
                DemoTake take =
                    playOne(player, tempo, m_scenario.bars, day, momentOf(m_scenario, m_site.today, index, day, n),
                            player.seed * 1000 + static_cast<std::uint64_t>(day * 10 + n), history);
                history.push_back(remember(tempo, take.view.analysis.gates));
                history.back().leftAfter = leadsAway(take.view.analysis.verdict.action);
                tempo = take.nextBpm;
                const std::lock_guard lock(m_writing);
                if (auto kept = keep(take); !kept) return report(kept.error());
                const bool last = day + 1 == m_scenario.practiceDays() && n + 1 == player.takesADay;
                if (last) saveLadder(player.exercise, tempo);
                m_arrived({++m_done, m_total, player.exercise.id, last});
            }
    }

    Result<void> keep(DemoTake& take) {
        TakeRecord& stored = take.view.stored;
        const TakeStore& store = m_archive.store();
        const auto at = startOf(stored);
        if (m_known.contains(TakeStore::nameOf(stored.exercise, at) + ".flac")) return {};
        const auto name = store.begin(stored, at);
        if (!name) return tl::unexpected(name.error());
        if (auto written = writeSound(store.partFile(*name), take.rendered.sound, AudioFormat::Flac24); !written)
            return written;
        stored.file = *name + ".flac";
        const auto id = m_archive.keep(stored, take.view.analysis);
        if (!id) return tl::unexpected(id.error());
        return {};
    }

    /// Not where the player has set one meanwhile.
    void saveLadder(const Exercise& exercise, double tempoBpm) {
        const auto logbook = Logbook::open(m_site.folder.logbook());
        if (!logbook) return report(logbook.error());
        LadderRepository ladders(**logbook);
        const auto known = ladders.find(exercise.id);
        if (!known || *known) return;
        if (auto saved = ladders.save(exercise.id, {ladderOf(exercise), tempoBpm}); !saved) report(saved.error());
    }

    void report(const Error& error) {
        const std::lock_guard lock(m_reporting);
        if (!m_error) m_error = error;
    }

    const Scenario& m_scenario;
    const DemoSite& m_site;
    TakeArchive m_archive;
    const std::function<void(const DemoProgress&)>& m_arrived;
    const std::atomic<bool>& m_stop;
    std::set<std::string> m_known;
    std::vector<std::size_t> m_order;
    std::atomic<std::size_t> m_next{0};
    int m_total = 0;
    std::atomic<int> m_done{0};
    std::mutex m_writing;
    std::mutex m_reporting;
    std::optional<Error> m_error;
};

}  // namespace

Result<int> buildDemo(const Scenario& scenario, const DemoSite& site,
                      const std::function<void(const DemoProgress&)>& arrived, const std::atomic<bool>& stop) {
    return Builder(scenario, site, arrived, stop).build();
}

std::optional<QDate> unfinishedDemo(const DataFolder& folder) {
    const auto text = readFile(markOf(folder), 100);
    if (!text) return std::nullopt;
    const QDate day = QDate::fromString(QString::fromStdString(*text), Qt::ISODate);
    return day.isValid() ? std::optional(day) : std::nullopt;
}

void tidyDemo(const Scenario& scenario, const DemoSite& site) {
    const auto logbook = Logbook::open(site.folder.logbook());
    if (!logbook) return;  // said when the folder is opened
    const auto known = TakeRepository(**logbook).files();
    if (!known) return;
    const TakeStore store(site.folder.takes());
    for (std::size_t e = 0; e < scenario.exercises.size(); ++e)
        for (int day = scenario.exercises[e].firstDay; day < scenario.practiceDays(); ++day)
            for (int n = 0; n < scenario.exercises[e].takesADay; ++n) {
                const QDateTime at = momentOf(scenario, site.today, e, day, n);
                const std::string name = TakeStore::nameOf(scenario.exercises[e].exercise, at);
                if (!known->contains(name + ".flac")) store.discard(name);
            }
}

}  // namespace upbeat
