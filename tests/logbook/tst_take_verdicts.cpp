#include <QTemporaryDir>
#include <QTest>

#include "log_room.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// The take of a player, as it goes into the log.
TakeRecord takeOf(const std::string& startedAt = "2026-11-27T18:00:00") {
    TakeRecord take;
    take.exercise = *builtInExercise("paradiddle-accents");
    take.frame = {96, 1.0, 8, 0, false, {}};
    take.click = clickFor(take.exercise, Bpm(96));
    take.startedAt = startedAt;
    take.durationS = 22;
    take.device = "test";
    take.ladder = Ladder{60, 112, 4, 3, false};
    Character c = goodPlayer();
    c.habits = {{Beats(7, 4), std::nullopt, std::nullopt, std::nullopt, -26, 0, 1}};
    take.hits = hitsOf(perform(take.exercise, Bpm(96), 8, c, 3), 1.0);
    return take;
}

TakeAnalysis analysed(const TakeRecord& take) {
    return analyzeTake(take.exercise, take.frame, {take.hits, take.trace}, {Profile(), *take.ladder, {}});
}

}  // namespace

class TestTakeVerdicts : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void gatesAndFiguresComeBackAsTheyWere() {
        const QTemporaryDir dir;
        const auto logbook = opened(dir);
        const TakeRecord take = takeOf();
        const TakeAnalysis said = analysed(take);
        TakeRepository takes(*logbook);
        const auto id = takes.add(take, said);
        QVERIFY(id.has_value());
        const auto day = takes.verdictOf(*id);
        QVERIFY(day && *day);
        const auto& gates = (*day)->gates;
        QCOMPARE(gates.size(), said.gates.size());
        QVERIFY(std::any_of(gates.begin(), gates.end(), [](const Gate& g) { return g.stroke.has_value(); }));
        QVERIFY(std::any_of(gates.begin(), gates.end(), [](const Gate& g) { return g.who.has_value(); }));
        for (std::size_t i = 0; i < gates.size(); ++i) {
            QCOMPARE(gates[i].kind, said.gates[i].kind);
            QCOMPARE(gates[i].measured, said.gates[i].measured);
            QCOMPARE(gates[i].limit, said.gates[i].limit);
            QCOMPARE(gates[i].atLeast, said.gates[i].atLeast);
            QCOMPARE(gates[i].state, said.gates[i].state);
            QCOMPARE(english(words::figureOf(take.exercise, gates[i])),
                     english(words::figureOf(take.exercise, said.gates[i])));
        }
        const auto spread = takes.figuresOf("paradiddle-accents", "spread_ms");
        QCOMPARE(spread->size(), std::size_t{1});
        QCOMPARE(spread->front().figure, *said.measures.timing.spreadMs);
        QCOMPARE(spread->front().tempoBpm, 96.0);
        QVERIFY(takes.figuresOf("paradiddle-accents", "swing_ratio")->empty());
        QVERIFY(takes.figuresOf("flam-taps", "spread_ms")->empty());
    }

    void everyReasonComesBack_data() {
        QTest::addColumn<Reason>("reason");
        const Gate gate{
            GateKind::Apart, {14, 11, 17, 8}, 10, false, GateState::Missed, {}, StrokeGroup(Limb::LeftHand)};
        QTest::newRow("clean") << Reason(TakesWereClean{});
        QTest::newRow("missed") << Reason(GateWasMissed{gate});
        QTest::newRow("apart") << Reason(FellApart{9, 2});
        Gate together = gate;  // of all takes on the rung: another figure than this take's own
        together.measured = {12.5, 11.5, 13.5, 8};
        QTest::newRow("unsure") << Reason(GateIsUnsure{together});
        QTest::newRow("little") << Reason(TooLittlePlayed{});
        QTest::newRow("damaged") << Reason(TakeWasDamaged{11.5});
    }
    void everyReasonComesBack() {
        QFETCH(const Reason, reason);
        const QTemporaryDir dir;
        const auto logbook = opened(dir);
        const TakeRecord take = takeOf();
        TakeAnalysis said = analysed(take);
        said.gates = {
            {GateKind::Apart, {14, 11, 17, 8}, 10, false, GateState::Missed, {}, StrokeGroup(Limb::LeftHand)}};
        said.verdict = {Action::Isolate, 96, 92, reason, Span{2, Beats(7, 2), Beats(9, 2)}, 4, true, 2, 5, 3, false};
        TakeRepository takes(*logbook);
        const auto day = takes.verdictOf(*takes.add(take, said));
        QVERIFY(day && *day);
        const Verdict& back = (*day)->verdict;
        QCOMPARE(back.reason.index(), reason.index());
        QCOMPARE(english(words::reasonOf(take.exercise, back)), english(words::reasonOf(take.exercise, said.verdict)));
        QCOMPARE(english(words::headlineOf(back)), english(words::headlineOf(said.verdict)));
        QCOMPARE(back.span, said.verdict.span);
        QCOMPARE(back.nextTempoBpm, 92.0);
        QCOMPARE(back.takesToGo, std::optional(3));
        QCOMPARE(std::tuple(back.pageBars, back.stage, back.cleanInARow, back.cleanNeeded, back.goalReached),
                 std::tuple(4, true, 2, 5, false));
    }

    void anOldTakeIsShownWithTheVerdictOfItsDay() {
        const QTemporaryDir dir;
        const auto folder = DataFolder::open(dir.path().toStdString());
        qint64 id = 0;
        TakeAnalysis said = analysed(takeOf());
        said.verdict.reason = TakeWasDamaged{99};  // nothing of today would say that
        {
            const auto logbook = opened(dir);
            id = *TakeRepository(*logbook).add(takeOf(), said);
            (void)LadderRepository(*logbook).save("paradiddle-accents", {{80, 200, 10, 4, false}, 120});
        }
        const TakeArchive archive(*folder);
        const auto found = archive.find(id);
        QVERIFY(found && found->day);
        QVERIFY(std::holds_alternative<TakeWasDamaged>(found->day->verdict.reason));
        QCOMPARE(found->plan.ladder.goalBpm, 112.0);
        const auto today = archive.find(id, Profile{ProfileKind::Performance});
        QVERIFY(today && !today->day);
        QCOMPARE(today->plan.profile.kind, ProfileKind::Performance);
        QCOMPARE(today->plan.ladder.goalBpm, 200.0);
        QCOMPARE(today->take.ladder->goalBpm, 112.0);  // the take stays what it was
    }

    /// A logbook of schema 4 as that version wrote it, six takes of its demo; four of their sentences stand for what
    /// else it could say.
    void aLogbookOfSchema4ComesAlongWhole() {
        const QTemporaryDir dir;
        const QString file = dir.filePath(QStringLiteral("logbook.db"));
        QVERIFY(QFile::copy(QStringLiteral(UPBEAT_SOURCE_DIR "/tests/logbook/data/logbook-4.db"), file));
        QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner);
        const auto logbook = opened(dir);
        TakeRepository takes(*logbook);
        QStringList headlines;
        const auto all = takes.list();
        QVERIFY(all.has_value());
        for (const TakeSummary& take : *all) {
            headlines << english(words::headlineOf(take.verdict));
            QVERIFY(takes.find(take.id).has_value());
            QVERIFY(!*takes.verdictOf(take.id));  // its gates are not known: it is judged again
        }
        headlines.sort();
        QCOMPARE(headlines,
                 (QStringList{QStringLiteral("Again at 60."), QStringLiteral("Full speed: 60."),
                              QStringLiteral("Isolate beat 3 of bar 2."), QStringLiteral("Isolate beat 4 of bar 1."),
                              QStringLiteral("On to the next part."), QStringLiteral("Up to 118.")}));
        const auto id = takes.add(takeOf(), analysed(takeOf()));
        QVERIFY(id && *takes.verdictOf(*id));
    }

    void noSentenceIsKept() {
        const QTemporaryDir dir;
        {
            const auto logbook = opened(dir);
            QVERIFY(TakeRepository(*logbook).add(takeOf(), analysed(takeOf())).has_value());
        }
        QFile file(dir.filePath(QStringLiteral("logbook.db")));
        QVERIFY(file.open(QIODevice::ReadOnly));
        const QByteArray all = file.readAll();
        QVERIFY(all.contains("paradiddle-accents"));
        for (const char* words : {"Again at", "What holds it back", "comes ", "limit 1"})
            QVERIFY2(!all.contains(words), words);
    }
};

QTEST_GUILESS_MAIN(TestTakeVerdicts)
#include "tst_take_verdicts.moc"
