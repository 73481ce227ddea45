#include <QTemporaryDir>
#include <QTest>
#include <set>

#include "demo/demo_builder.h"
#include "upbeat/logbook/take_archive.h"

using namespace upbeat;

namespace {

Scenario scenario() {
    const auto read = readScenario(UPBEAT_SOURCE_DIR "/demodata/scenario.json");
    if (!read) qFatal("%s", read.error().sentence().c_str());
    return *read;
}

Exercise pageCalled(const std::string& id) {
    Exercise page;
    page.id = id;
    return page;
}

}  // namespace

class TestDemo : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void theScenarioIsReadable() {
        const Scenario s = scenario();
        QCOMPARE(s.exercises.size(), std::size_t{7});
        QCOMPARE(s.pieces.size(), std::size_t{2});
        QVERIFY(s.practiceDays() >= 8);
        QVERIFY(s.daysAgo.front() >= 12);
        const Exercise open = pageCalled(s.open);
        QVERIFY(s.find(open) != nullptr);
        Exercise drill = open;
        markAsPart(drill, {s.open, Span{1, Beats(2), Beats(3)}});
        QVERIFY(drill.id != open.id);
        QVERIFY(s.find(drill) == s.find(open));
        QVERIFY(s.find(pageCalled("nobody")) == nullptr);
        for (const ScenarioExercise& e : s.exercises) {
            QVERIFY(s.find(e.exercise) == &e);  // also where sections of one piece have a player each
            QVERIFY(check(e.atStart).has_value() && check(e.atGoal).has_value());
            QCOMPARE(e.atStart.habits.size(), e.atGoal.habits.size());
        }
    }

    void faultsGrowWithTempoAndShrinkWithPractice() {
        const Scenario s = scenario();
        const ScenarioExercise& player = *s.find(pageCalled("ferry-shuffle"));
        const Character slow = player.at(player.exercise.tempo.start, 0);
        const Character fast = player.at(player.exercise.tempo.goal, 0);
        QCOMPARE(slow, player.atStart);
        QCOMPARE(fast, player.atGoal);
        QVERIFY(player.at(player.exercise.tempo.goal, 10).spreadMs < fast.spreadMs);
        QVERIFY(check(player.at(1000, 0)).has_value());
    }

    void betweenTwoCharactersLiesTheMiddle() {
        Character a;
        Character b;
        b.spreadMs = a.spreadMs + 10;
        b.relativeDb = {0, 0, 0};
        a.habits = {{Beats(1), {}, {}, {}, -10, 0, 1}};
        b.habits = {{Beats(1), {}, {}, {}, -30, 0, 1}};
        const Character half = between(a, b, 0.5);
        QCOMPARE(half.spreadMs, a.spreadMs + 5);
        QCOMPARE(half.habits.front().offsetMs, -20.0);
        QCOMPARE(half.relativeDb[0], a.relativeDb[0] / 2);
    }

    void badScenariosAreSaid() {
        QTemporaryDir dir;
        QFile file(dir.filePath(QStringLiteral("s.json")));
        QVERIFY(file.open(QIODevice::WriteOnly));
        file.write("{\"format\":\"something else\"}");
        file.close();
        QVERIFY(!readScenario(file.fileName().toStdString()));
        QVERIFY(!readScenario("/no/such/file"));
    }

    void twoWeeksGoThroughTheRealAnalysis() {
        QTemporaryDir dir;
        Scenario s = scenario();
        s.bars = 4;
        s.daysAgo = {2, 1};
        QCOMPARE(s.exercises.back().exercise.bars, 96);  // the whole song, on the last days only
        s.exercises.back().firstDay = 1;
        std::atomic<bool> stop{false};
        std::vector<DemoProgress> arrived;
        const auto folder = DataFolder::open(dir.filePath(QStringLiteral("demo")).toStdString());
        QVERIFY(folder.has_value());
        const DemoSite site{*folder, QDate(2026, 6, 20)};
        const auto collect = [&](const DemoProgress& progress) { arrived.push_back(progress); };
        const auto built = buildDemo(s, site, collect, stop);
        QVERIFY2(built.has_value(), built ? "" : built.error().sentence().c_str());
        QCOMPARE(static_cast<int>(arrived.size()), *built);
        QCOMPARE(arrived.back().done, arrived.back().total);
        QCOMPARE(std::count_if(arrived.begin(), arrived.end(), [](const auto& p) { return p.exerciseIsWhole; }), 7);
        QVERIFY(!unfinishedDemo(*folder));
        const auto logbook = *Logbook::open(folder->logbook());
        const auto takes = *TakeRepository(*logbook).list();
        QCOMPARE(static_cast<int>(takes.size()), *built);
        std::set<std::string> exercises;
        for (const TakeSummary& take : takes) {
            exercises.insert(take.exerciseId);
            QVERIFY(take.startedAt.date() == QDate(2026, 6, 18) || take.startedAt.date() == QDate(2026, 6, 19));
            const auto stored = *TakeRepository(*logbook).find(take.id);
            QVERIFY(stored.hits.size() >= 12);
            QVERIFY(std::filesystem::exists(folder->takes() / stored.file));
        }
        QCOMPARE(exercises.size(), std::size_t{7});
        QVERIFY(LadderRepository(*logbook).find("ferry-shuffle")->has_value());
    }

    // Stopped after some takes, with half a take on the disk: the second start completes it, and nothing is there
    // twice.
    void aStoppedDemoIsCompletedLater() {
        QTemporaryDir dir;
        Scenario s = scenario();
        s.bars = 4;
        s.daysAgo = {1};
        const auto folder = DataFolder::open(dir.path().toStdString());
        const DemoSite site{*folder, QDate(2026, 6, 20)};
        std::atomic<bool> stop{false};
        const auto built = buildDemo(
            s, site, [&](const DemoProgress& p) { stop = p.done >= 2; }, stop);
        QVERIFY(built.has_value());
        QCOMPARE(unfinishedDemo(*folder), std::optional(QDate(2026, 6, 20)));
        TakeRecord half;
        half.exercise = s.exercises[5].exercise;
        half.click = clickFor(half.exercise, Bpm(90));
        (void)TakeStore(folder->takes()).begin(half, QDateTime(QDate(2026, 6, 19), QTime(18, 45)));
        tidyDemo(s, site);
        QVERIFY(TakeArchive(*folder).unfinished()->empty());
        stop = false;
        const auto whole = buildDemo(
            s, site, [](const DemoProgress&) {}, stop);
        QVERIFY(whole.has_value() && *whole > *built);
        const auto logbook = *Logbook::open(folder->logbook());
        QCOMPARE(*TakeRepository(*logbook).count(), *whole);
        QVERIFY(!unfinishedDemo(*folder));
    }

    void aFolderThatCannotBeWrittenIsSaid() { QVERIFY(!DataFolder::open("/proc/upbeat")); }
};

QTEST_GUILESS_MAIN(TestDemo)
#include "tst_demo.moc"
