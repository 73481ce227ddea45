#include <QTemporaryDir>
#include <QTest>
#include <set>

#include "demo/demo_builder.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/take_repository.h"

using namespace upbeat;

namespace {

Scenario scenario() {
    const auto read = readScenario(UPBEAT_SOURCE_DIR "/demodata/scenario.json");
    if (!read) qFatal("%s", read.error().sentence().c_str());
    return *read;
}

}  // namespace

class TestDemo : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void theScenarioIsReadable() {
        const Scenario s = scenario();
        QCOMPARE(s.exercises.size(), std::size_t{4});
        QVERIFY(s.practiceDays() >= 8);
        QVERIFY(s.daysAgo.front() >= 12);
        QVERIFY(s.find(s.open) != nullptr);
        QVERIFY(s.find(s.open + "~1.2") == s.find(s.open));
        QVERIFY(s.find("nobody") == nullptr);
        for (const ScenarioExercise& e : s.exercises) {
            QVERIFY(check(e.atStart).has_value() && check(e.atGoal).has_value());
            QCOMPARE(e.atStart.habits.size(), e.atGoal.habits.size());
        }
    }

    void faultsGrowWithTempoAndShrinkWithPractice() {
        const Scenario s = scenario();
        const ScenarioExercise& player = *s.find("ferry-shuffle");
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
        std::atomic<bool> stop{false};
        std::mutex mutex;
        double progress = 0;
        const auto file = dir.filePath(QStringLiteral("demo/logbook.db")).toStdString();
        const auto built = buildDemo(
            s, file, QDate(2026, 6, 20),
            [&](double share) {
                const std::lock_guard lock(mutex);
                progress = std::max(progress, share);
            },
            stop);
        QVERIFY2(built.has_value(), built ? "" : built.error().sentence().c_str());
        QCOMPARE(progress, 1.0);
        const auto logbook = *Logbook::open(file);
        const auto takes = *TakeRepository(*logbook).list();
        QCOMPARE(static_cast<int>(takes.size()), *built);
        std::set<std::string> exercises;
        for (const TakeSummary& take : takes) {
            exercises.insert(take.exerciseId);
            QVERIFY(take.startedAt.date() == QDate(2026, 6, 18) || take.startedAt.date() == QDate(2026, 6, 19));
            const auto stored = *TakeRepository(*logbook).find(take.id);
            QVERIFY(stored.hits.size() >= 12);
            QVERIFY(std::filesystem::exists(logbook->takesFolder() / stored.file));
        }
        QCOMPARE(exercises.size(), std::size_t{4});
        QVERIFY(LadderRepository(*logbook).find("ferry-shuffle")->has_value());
    }

    void aStoppedDemoStops() {
        QTemporaryDir dir;
        std::atomic<bool> stop{true};
        const auto built = buildDemo(
            scenario(), dir.filePath(QStringLiteral("d/logbook.db")).toStdString(), QDate(2026, 6, 20), [](double) {},
            stop);
        QVERIFY(built.has_value());
        QCOMPARE(*built, 0);
    }

    void aFolderThatCannotBeWrittenIsSaid() {
        std::atomic<bool> stop{false};
        QVERIFY(!buildDemo(
            scenario(), "/proc/upbeat/logbook.db", QDate(2026, 6, 20), [](double) {}, stop));
    }
};

QTEST_GUILESS_MAIN(TestDemo)
#include "tst_demo.moc"
