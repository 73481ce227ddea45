// Recordings and logbook as one thing: whatever step the program dies after, nothing is lost and nothing is there
// twice.
#include <QDir>
#include <QTemporaryDir>
#include <QTest>

#include "said.h"
#include "takes.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/note_journal.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/library.h"
#include "upbeat/take/teach.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

const QDateTime kEvening(QDate(2026, 3, 14), QTime(18, 0, 7));

DataFolder folderIn(const QTemporaryDir& dir) {
    auto folder = DataFolder::open(dir.path().toStdString());
    if (!folder) qFatal("%s", folder.error().sentence().c_str());
    return *std::move(folder);
}

TakeAnalysis measured(TakeRecord& take, const CoachPlan& plan) {
    return analyzeTake(take.exercise, take.frame, take.hits, plan);
}

const KnownTake& played() {
    static const KnownTake take = play(*builtInExercise("singles-sixteenths"), 120, 4);
    return take;
}

TakeRecord recordOf(const KnownTake& known) {
    TakeRecord take;
    take.exercise = known.exercise;
    take.click = clickFor(known.exercise, Bpm(known.tempoBpm));
    take.frame = known.frame();
    take.startedAt = stampOf(kEvening);
    take.durationS = known.rendered.sound.durationS();
    take.hits = perfectHits(known);
    return take;
}

/// A take that was just recorded, up to `seconds` of it: its part files are in the folder.
TakeRecord recordedIn(const TakeArchive& archive, const KnownTake& known = played(), double seconds = 1e9) {
    TakeRecord take = recordOf(known);
    const auto name = archive.store().begin(take, kEvening);
    if (!name) qFatal("%s", name.error().sentence().c_str());
    Sound sound = known.rendered.sound;
    sound.samples.resize(std::min(sound.samples.size(), static_cast<std::size_t>(seconds * sound.sampleRate)));
    if (!writeSound(archive.store().partFile(*name), sound, AudioFormat::Flac24)) qFatal("no sound");
    take.file = *name + ".flac";
    return take;
}

struct State {
    int rows = 0;
    std::size_t offered = 0;
    QStringList files;
};

State stateOf(const DataFolder& folder) {
    const TakeArchive archive(folder);
    State state;
    state.offered = archive.unfinished()->size();
    state.rows = *TakeRepository(**Logbook::open(folder.logbook())).count();
    state.files = QDir(QString::fromStdString(folder.takes().string())).entryList(QDir::Files, QDir::Name);
    return state;
}

void isWholeOnce(const DataFolder& folder) {
    const State state = stateOf(folder);
    QCOMPARE(state.rows, 1);
    QCOMPARE(state.offered, std::size_t{0});
    QCOMPARE(state.files, (QStringList{QStringLiteral("2026-03-14-180007-singles-sixteenths.flac"),
                                       QStringLiteral("2026-03-14-180007-singles-sixteenths.json")}));
}

using Step = TakeArchive::Step;

}  // namespace

class TestTakeArchive : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aKeptTakeIsInTheLogAndOnTheDisk() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        TakeRecord take = recordedIn(archive);
        const auto id = archive.keep(take, measured(take, {Profile(), ladderOf(take.exercise), {}}));
        QVERIFY2(id.has_value(), id ? "" : id.error().sentence().c_str());
        isWholeOnce(folder);
        QCOMPARE(archive.find(*id)->take.file, take.file);
    }

    void keepingMayEndAfterAnyStep_data() {
        QTest::addColumn<int>("step");
        QTest::addColumn<bool>("inLog");
        QTest::newRow("described") << static_cast<int>(Step::Described) << false;
        QTest::newRow("committed") << static_cast<int>(Step::Committed) << true;
        QTest::newRow("settled") << static_cast<int>(Step::Settled) << true;
    }
    void keepingMayEndAfterAnyStep() {
        QFETCH(int, step);
        QFETCH(bool, inLog);
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        TakeArchive archive(folder);
        TakeRecord take = recordedIn(archive);
        archive.afterStep = [step](Step done) { return static_cast<int>(done) != step; };
        QVERIFY(!archive.keep(take, measured(take, {Profile(), ladderOf(take.exercise), {}})));
        // The next start.
        const TakeArchive next(folder);
        const auto offered = next.unfinished();
        QVERIFY(offered.has_value());
        QCOMPARE(offered->size(), inLog ? std::size_t{0} : std::size_t{1});
        for (const std::string& name : *offered) QVERIFY(next.rescue(name, measured).has_value());
        isWholeOnce(folder);
    }

    void rescuingMayEndAfterAnyStep_data() {
        QTest::addColumn<int>("step");
        for (const Step step : {Step::Rescued, Step::Described, Step::Committed, Step::Settled})
            QTest::addRow("%d", static_cast<int>(step)) << static_cast<int>(step);
    }
    void rescuingMayEndAfterAnyStep() {
        QFETCH(int, step);
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        TakeArchive archive(folder);
        (void)recordedIn(archive);
        const auto offered = archive.unfinished();
        QCOMPARE(offered->size(), std::size_t{1});
        archive.afterStep = [step](Step done) { return static_cast<int>(done) != step; };
        QVERIFY(!archive.rescue(offered->front(), measured));
        const TakeArchive next(folder);
        const auto still = next.unfinished();
        QVERIFY(still.has_value());
        for (const std::string& name : *still) QVERIFY(next.rescue(name, measured).has_value());
        isWholeOnce(folder);
    }

    void rescuingTwiceIsOnce() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        (void)recordedIn(archive);
        const auto offered = archive.unfinished();
        const auto first = archive.rescue(offered->front(), measured);
        const auto second = archive.rescue(offered->front(), measured);
        QVERIFY(first.has_value() && second.has_value());
        QCOMPARE(second->id, first->id);
        isWholeOnce(folder);
    }

    void whatIsRescuedIsMeasuredLikeATakeThatWasStopped() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        const double bar = barDurationS(played().exercise, Bpm(120));
        (void)recordedIn(archive, played(), played().rendered.firstBeatS + 2.4 * bar);
        const auto rescued = archive.rescue(archive.unfinished()->front(), measured);
        QVERIFY(rescued.has_value());
        QCOMPARE(rescued->kind, Rescued::Kind::Kept);
        const auto found = archive.find(rescued->id);
        QVERIFY(found.has_value());
        QCOMPARE(found->take.frame.bars, 2);
        QVERIFY(found->take.recovered);
        QVERIFY(std::abs(found->take.durationS - (played().rendered.firstBeatS + 2.4 * bar)) < 0.01);
        const TakeAnalysis again = analyzeTake(found->take.exercise, found->take.frame, found->take.hits, found->plan);
        QVERIFY(again.matched.missed.empty());
    }

    void aTakeThatEndedInTheCountInIsThrownAway_data() {
        QTest::addColumn<double>("seconds");
        QTest::newRow("nothing written") << 0.0;
        QTest::newRow("count-in") << 0.4;
        QTest::newRow("less than a bar") << 1.5;
    }
    void aTakeThatEndedInTheCountInIsThrownAway() {
        QFETCH(double, seconds);
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        const TakeRecord take = recordedIn(archive, played(), seconds);
        if (seconds == 0) std::filesystem::resize_file(archive.store().partFile(archive.unfinished()->front()), 0);
        const auto rescued = archive.rescue(archive.unfinished()->front(), measured);
        QVERIFY2(rescued.has_value(), rescued ? "" : rescued.error().sentence().c_str());
        QCOMPARE(rescued->kind, Rescued::Kind::TooShort);
        QCOMPARE(stateOf(folder).rows, 0);
        QVERIFY(stateOf(folder).files.isEmpty());
    }

    void anInterruptedLessonIsNoTake() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        (void)recordedIn(archive, play(teachingExercise(*builtInExercise("ghosted-backbeat")), 90, 1));
        QCOMPARE(archive.rescue(archive.unfinished()->front(), measured)->kind, Rescued::Kind::Lesson);
        QVERIFY(stateOf(folder).files.isEmpty());
    }

    void notesOfAnInstrumentOutliveTheProgram() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        (void)recordedIn(archive);
        const std::string name = archive.unfinished()->front();
        {
            NoteJournal journal(archive.store().notesFile(name));
            for (const Hit& hit : perfectHits(played())) journal.add(hit);
        }
        std::FILE* torn = std::fopen(archive.store().notesFile(name).c_str(), "ae");
        (void)std::fputs("99.5 3", torn);  // it broke off in the middle of a line
        (void)std::fclose(torn);
        const auto rescued = archive.rescue(name, measured);
        QVERIFY(rescued.has_value());
        const auto hits = archive.find(rescued->id)->take.hits;
        QCOMPARE(hits.size(), perfectHits(played()).size());
        QVERIFY(hits.front().exact);
        isWholeOnce(folder);
    }

    // The logbook was lost, or the program of an earlier version ended before it wrote the row.
    void aRecordingWithoutARowIsOfferedAndBackAsItWas() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        TakeRecord take = recordedIn(archive);
        QVERIFY(archive.keep(take, measured(take, {Profile(), ladderOf(take.exercise), {}})).has_value());
        QVERIFY(setAside(folder.logbook()).has_value());
        const auto offered = archive.unfinished();
        QCOMPARE(offered->size(), std::size_t{1});
        const auto rescued = archive.rescue(offered->front(), measured);
        QVERIFY2(rescued.has_value(), rescued ? "" : rescued.error().sentence().c_str());
        QCOMPARE(archive.find(rescued->id)->take.hits.size(), take.hits.size());
        QVERIFY(!archive.find(rescued->id)->take.recovered);
        isWholeOnce(folder);
    }

    void leftoversOfNoTakeAreTidiedAway() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        QVERIFY(Logbook::open(folder.logbook()).has_value());
        for (const char* file :
             {"a.json.part", "b.notes.part", "c.flac.mend", "d.flac.part", "e.json", "g.json.part.4711.part"})
            QVERIFY(writeFileAtomically(folder.takes() / file, "").has_value());
        QVERIFY(writeFileAtomically(folder.takes() / "f.flac.part", "sound").has_value());  // who knows what it is
        const State state = stateOf(folder);
        QCOMPARE(state.files, QStringList{QStringLiteral("f.flac.part")});
        QCOMPARE(state.offered, std::size_t{1});
    }

    void aFullDiskKeepsTheTakeForTheNextStart() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        TakeRecord take = recordedIn(archive);
        // No logbook can be made where a folder stands.
        QVERIFY(QDir(dir.path()).mkdir(QStringLiteral("logbook.db")));
        QVERIFY(!archive.keep(take, measured(take, {Profile(), ladderOf(take.exercise), {}})));
        QVERIFY(QDir(dir.path()).rmdir(QStringLiteral("logbook.db")));
        QCOMPARE(archive.unfinished()->size(), std::size_t{1});
        QVERIFY(archive.rescue(archive.unfinished()->front(), measured).has_value());
        isWholeOnce(folder);
    }

    void aTakeIsJudgedByItsOwnLadderAndWhatWasBeforeIt() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        std::vector<qint64> ids;
        for (int n = 0; n < 120; ++n) {
            TakeRecord take = recordOf(played());
            take.startedAt = stampOf(kEvening.addSecs(n * 60));
            take.ladder = Ladder{60, 120.0 + n, 4, 200, false};
            const auto logbook = Logbook::open(folder.logbook());
            ids.push_back(*TakeRepository(**logbook).add(take, measured(take, {Profile(), *take.ladder, {}})));
        }
        // The first of more than the newest fifty still knows what was before it, and that is its own past.
        QCOMPARE(archive.find(ids[0])->plan.history.size(), std::size_t{0});
        QCOMPARE(archive.find(ids[30])->plan.history.size(), std::size_t{30});
        QCOMPARE(archive.find(ids[30])->plan.ladder.goalBpm, 150.0);
        QCOMPARE(archive.find(ids[119])->plan.history.size(), std::size_t{50});
    }

    void aDamagedTakeIsKeptButIsNoPast() {
        QTemporaryDir dir;
        const DataFolder folder = folderIn(dir);
        const TakeArchive archive(folder);
        TakeRecord take = recordedIn(archive);
        take.frame.damaged = {{take.frame.firstBeatS, take.frame.firstBeatS + 5}};
        const TakeAnalysis analysis = measured(take, {Profile(), ladderOf(take.exercise), {}});
        QCOMPARE(analysis.verdict.action, Action::Again);
        QVERIFY(reason(analysis).contains(QLatin1String("does not count")));
        QVERIFY(archive.keep(take, analysis).has_value());
        const auto logbook = Logbook::open(folder.logbook());
        QVERIFY(LadderRepository(**logbook).history(take.exercise.id)->empty());
    }

    void whoComesSecondMayOnlyRead() {
        QTemporaryDir dir;
        auto first = std::make_unique<DataFolder>(folderIn(dir));
        QVERIFY(first->mayWrite());
        QVERIFY(Logbook::open(first->logbook()).has_value());
        const DataFolder second = folderIn(dir);
        QCOMPARE(second.access(), DataFolder::Access::TakenByAnother);
        const auto reading = Logbook::open(second.logbook(), LogbookAccess::Reading);
        QVERIFY(reading.has_value());
        QVERIFY(!TakeRepository(**reading).setNote(1, "x"));
        first.reset();
        QVERIFY(folderIn(dir).mayWrite());
    }

    void aTakeInTheMakingIsNotTidiedAwayByWhoOnlyReads() {
        QTemporaryDir dir;
        const DataFolder first = folderIn(dir);
        const TakeArchive writer(first);
        QVERIFY(Logbook::open(first.logbook()).has_value());
        (void)writer.store().begin(recordOf(played()), kEvening);
        QVERIFY(writeFileAtomically(first.takes() / "a.json.part", "").has_value());
        const DataFolder second = folderIn(dir);
        QVERIFY(TakeArchive(second).unfinished().has_value());
        QVERIFY(std::filesystem::exists(first.takes() / "a.json.part"));
    }
};

QTEST_GUILESS_MAIN(TestTakeArchive)
#include "tst_take_archive.moc"
