#include <QDir>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "room.h"
#include "said.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

class TestStudio : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aTakeIsRecordedMeasuredAndFoundInTheLog() {
        Room room;
        QSignalSpy started(&room.studio->recorder(), &Recorder::started);
        QSignalSpy opened(&room.studio->review(), &Review::opened);
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.playOne();
        QCOMPARE(started.count(), 1);
        QCOMPARE(opened.count(), 1);
        QCOMPARE(failed.count(), 0);
        const TakePtr take = room.studio->review().take();
        QCOMPARE(take->analysis.matched.strokes.size(), std::size_t{128});
        QVERIFY(take->analysis.clean());
        QVERIFY(QFile::exists(take->soundFile));
        QCOMPARE(room.studio->log().takes().size(), std::size_t{1});
        QCOMPARE(room.studio->log().takes().front().title, std::string("Singles in sixteenths"));
        QCOMPARE(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).size(), 2);
    }

    void tomorrowTheTakeIsStillThere() {
        Room room;
        room.playOne();
        const TakePtr today = room.studio->review().take();
        room.studio.reset();
        room.open(soloist());
        QVERIFY(!room.studio->review().take());
        room.studio->review().open(today->id);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != nullptr, 60000);
        QCOMPARE(room.studio->review().take()->stored.hits, today->stored.hits);
        QCOMPARE(reason(room.studio->review().take()->analysis), reason(today->analysis));
        QCOMPARE(room.studio->review().take()->soundFile, today->soundFile);
    }

    void threeCleanTakesClimbARung() {
        Room room;
        for (int i = 0; i < 3; ++i) room.playOne();
        QCOMPARE(room.studio->review().take()->analysis.verdict.action, Action::Up);
        room.studio->nextSteps().accept();
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 64.0);
        room.studio.reset();
        room.open(soloist());
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 64.0);
    }

    void openingAnOldTakeShowsTheVerdictOfItsDay() {
        Room room;
        room.playOne();
        const qint64 first = room.studio->review().take()->id;
        room.playOne();
        room.playOne();
        room.studio->review().open(first);
        QTRY_COMPARE_WITH_TIMEOUT(room.studio->review().take()->id, first, 60000);
        QCOMPARE(room.studio->review().take()->analysis.verdict.cleanInARow, 1);
        QCOMPARE(room.studio->review().take()->analysis.verdict.action, Action::Again);
    }

    void handsFreePlaysTakeAfterTake() {
        Room room;
        PracticeSettings settings = room.studio->setup().settings();
        settings.restS = 1;
        settings.barsPerTake = 4;
        room.studio->setup().change(settings);
        room.studio->handsFree().set(true);
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->log().takes().size() >= 2, 60000);
        room.studio->handsFree().set(false);
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->recorder().isRecording(), 60000);
        QVERIFY(!room.studio->handsFree().isResting());
    }

    void aStoppedTakeKeepsItsWholeBars() {
        Room room;
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().live()->beatsNow() > 9, 60000);
        room.studio->recorder().stop();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() && room.studio->review().take()->id > 0, 60000);
        QVERIFY(room.studio->review().take()->stored.frame.bars >= 2);
        QVERIFY(room.studio->review().take()->stored.frame.bars < 8);
        QVERIFY(room.studio->review().take()->analysis.matched.missed.size() <= 1);
    }

    void aTakeStoppedInTheCountInIsNotKept() {
        Room room;
        QSignalSpy said(&room.studio->notices(), &Notices::said);
        room.studio->recorder().start();
        room.studio->recorder().stop();
        QVERIFY(!room.studio->recorder().isRecording());
        room.studio->settle();
        QCOMPARE(said.count(), 1);
        QVERIFY(room.studio->log().takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());
    }

    void aDiscardedTakeLeavesNothing() {
        Room room;
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().live()->beatsNow() > 5, 60000);
        room.studio->recorder().discard();
        QVERIFY(!room.studio->recorder().isRecording());
        room.studio->settle();
        QVERIFY(room.studio->log().takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());
    }

    void strokesLandWhileTheTakeRuns() {
        Room room;
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().live()->passNow() >= 3, 60000);
        QVERIFY(room.studio->recorder().live()->marksOfPass(1).size() >= 15);
        room.studio->recorder().discard();
    }

    void aFaultyPlayerIsSentToTheSpotAndBack() {
        Character c = goodPlayer();
        c.habits = {{Beats(5, 4), std::nullopt, std::nullopt, std::nullopt, -45, 0, 1}};
        Room room(c);
        room.playOne();
        QCOMPARE(room.studio->review().take()->analysis.verdict.action, Action::Again);
        room.playOne();
        QCOMPARE(room.studio->review().take()->analysis.verdict.action, Action::Isolate);
        room.studio->nextSteps().accept();
        QVERIFY(room.studio->stand().isPart());
        QVERIFY(check(room.studio->stand().exercise()).has_value());
        room.playOne();
        QCOMPARE(room.studio->review().take()->stored.exercise.id, room.studio->stand().exercise().id);
        room.studio->stand().backToWhole();
        QVERIFY(!room.studio->stand().isPart());
        QCOMPARE(room.studio->stand().exercise().id, std::string("singles-sixteenths"));
    }

    void tempoAndGoalStayInRange() {
        Room room;
        room.studio->stand().setTempo(1000);
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 300.0);
        QVERIFY(room.studio->stand().ladder().ladder.goalBpm >= 300);
        room.studio->stand().setTempo(1);
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 30.0);
        room.studio->stand().setGoal(10);
        QVERIFY(room.studio->stand().ladder().ladder.goalBpm >= room.studio->stand().ladder().ladder.startBpm);
    }

    void everyExerciseHasItsOwnLadder() {
        Room room;
        room.studio->stand().setTempo(77);
        room.studio->stand().choose("flam-taps");
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 50.0);
        room.studio->stand().choose("singles-sixteenths");
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 77.0);
        room.studio->stand().choose("no such thing");
        QCOMPARE(room.studio->stand().exercise().id, std::string("singles-sixteenths"));
    }

    // Until it is stopped: then it is taken apart, and the last part is shown.
    void aTakeWithoutEndIsTakenApart() {
        Room room;
        PracticeSettings settings = room.studio->setup().settings();
        settings.barsPerTake = 0;
        room.studio->setup().change(settings);
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().live()->passNow() > 70, 60000);
        const int passes = room.studio->recorder().live()->passNow();
        QVERIFY(!room.studio->recorder().live()->marksOfPass(passes - 1).empty());
        room.studio->recorder().stop();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != nullptr, 60000);
        const auto& takes = room.studio->log().takes();
        QCOMPARE(takes.size(), std::size_t{2});
        QCOMPARE(takes.back().bars, 64);
        QVERIFY(room.studio->review().take()->stored.frame.bars >= passes - 64 - 1);
        QVERIFY(room.studio->review().take()->analysis.measures.timing.spreadMs->value < 6);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().isIdle(), 60000);
        QVERIFY(room.studio->keeper().interrupted().empty());
    }

    void aRecordingFromOutsideIsMeasured() {
        Room room;
        const KnownTake known = play(*builtInExercise("singles-sixteenths"), 90, 4, soloist(), 3);
        const QString file = room.dir.filePath(QStringLiteral("outside.wav"));
        QVERIFY(writeSound(file.toStdString(), known.rendered.sound, AudioFormat::Wav24).has_value());
        room.studio->review().openRecording(file, {90, 0.5});
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != nullptr, 60000);
        QCOMPARE(room.studio->review().take()->stored.frame.bars, 4);
        QCOMPARE(room.studio->review().take()->id, 0);
        QVERIFY(room.studio->log().takes().empty());
    }

    void aMidiTakeFromOutsideIsMeasuredWithItsVoices() {
        Room room;
        room.studio->stand().choose("ghosted-backbeat");
        // The kit sends the page itself, at the file's tempo, which is the exercise's start tempo.
        const Exercise e = *builtInExercise("ghosted-backbeat");
        const QString path = room.dir.filePath(QStringLiteral("kit.mid"));
        QVERIFY(writeFileAtomically(path.toStdString(), toMidiBytes(toMidi(e))).has_value());
        room.studio->review().openRecording(path, {e.tempo.start, 0});
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != nullptr, 60000);
        QVERIFY(room.studio->review().take()->soundFile.isEmpty());
        QVERIFY(room.studio->review().take()->analysis.matched.missed.empty());
        QVERIFY(room.studio->review().take()->analysis.matched.hits.front().voice.has_value());
    }

    void badRecordingsFromOutsideAreSaid_data() {
        QTest::addColumn<QByteArray>("content");
        QTest::newRow("empty") << QByteArray();
        QTest::newRow("a letter") << QByteArray("Dear drummer");
        QTest::newRow("not there") << QByteArray("-");
    }
    void badRecordingsFromOutsideAreSaid() {
        QFETCH(QByteArray, content);
        Room room;
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.studio->notices().startListening();
        const QString path = room.dir.filePath(QStringLiteral("bad.wav"));
        if (content != "-") {
            QFile file(path);
            QVERIFY(file.open(QIODevice::WriteOnly));
            file.write(content);
        }
        room.studio->review().openRecording(path, {90, 0.5});
        QTRY_COMPARE_WITH_TIMEOUT(failed.count(), 1, 60000);
        QVERIFY(failed.front().front().toString().contains(QStringLiteral("bad.wav")));
        QVERIFY(room.studio->review().take() == nullptr);
    }

    void anInterruptedTakeIsOfferedAndSaved() {
        Room room;
        room.studio->recorder().start();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->recorder().live()->beatsNow() > 13, 60000);
        // What a crash leaves: the part files as they are now. The take itself is thrown away afterwards.
        const QString takes = room.dir.filePath(QStringLiteral("takes"));
        QTemporaryDir aside;
        for (const QString& file : QDir(takes).entryList(QDir::Files))
            QVERIFY(QFile::copy(takes + QLatin1Char('/') + file, aside.filePath(file)));
        room.studio->recorder().discard();
        room.studio->settle();
        room.studio.reset();
        for (const QString& file : QDir(aside.path()).entryList(QDir::Files))
            QVERIFY(QFile::copy(aside.filePath(file), takes + QLatin1Char('/') + file));
        room.open(soloist());
        QCOMPARE(room.studio->keeper().interrupted().size(), std::size_t{1});
        room.studio->keeper().recoverInterrupted();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != nullptr, 60000);
        QVERIFY(room.studio->review().take()->stored.recovered);
        QVERIFY(room.studio->review().take()->stored.durationS > 5);
        QCOMPARE(room.studio->stand().ladder().tempoBpm, 60.0);  // it never moves a ladder by itself
        QVERIFY(room.studio->review().take()->analysis.matched.strokes.size() > 15);
        QVERIFY(room.studio->keeper().interrupted().empty());
    }

    void interruptedTakesCanBeDeleted() {
        Room room;
        room.studio.reset();
        QFile part(room.dir.filePath(QStringLiteral("takes/x.flac.part")));
        QVERIFY(part.open(QIODevice::WriteOnly));
        part.write("sound");
        part.close();
        room.open(soloist());
        QCOMPARE(room.studio->keeper().interrupted().size(), std::size_t{1});
        room.studio->keeper().discardInterrupted();
        room.studio->settle();
        QVERIFY(room.studio->keeper().interrupted().empty());
        QVERIFY(!part.exists());
    }

    void notesAreKept() {
        Room room;
        room.playOne();
        room.studio->logCare().setNote(room.studio->review().take()->id, QStringLiteral("left stick cracked"), {});
        QCOMPARE(room.studio->log().takes().front().note, std::string("left stick cracked"));
    }

    void aTakeIsJudgedAgainByWhatIsAskedToday() {
        Room room;
        QSignalSpy said(&room.studio->notices(), &Notices::said);
        room.studio->review().judgeAgain();
        QCOMPARE(said.count(), 1);  // there is none
        room.playOne();
        room.studio->settle();
        const TakePtr ofItsDay = room.studio->review().take();
        const auto limitOf = [](const TakePtr& take) { return take->analysis.gates.front().limit; };
        PracticeSettings settings = room.studio->setup().settings();
        settings.profile = ProfileKind::Performance;
        room.studio->setup().change(settings);
        room.studio->review().judgeAgain();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != ofItsDay, 60000);
        QVERIFY(limitOf(room.studio->review().take()) < limitOf(ofItsDay));
        QVERIFY(room.studio->review().step() == nullptr);
        // The log keeps the verdict of its day.
        const TakePtr again = room.studio->review().take();
        room.studio->review().open(ofItsDay->id);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != again, 60000);
        QCOMPARE(limitOf(room.studio->review().take()), limitOf(ofItsDay));
    }

    // The simulated player never takes the place of an input that is away.
    void anInputThatCannotBeOpenedIsSaidAndNothingTakesItsPlace() {
        Room room;
        qputenv("JACK_NO_START_SERVER", "1");
        qputenv("JACK_DEFAULT_SERVER", "upbeat-nobody");
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.studio->notices().startListening();
        PracticeSettings settings = room.studio->setup().settings();
        settings.input = JackInput{"system:capture_1"};
        room.studio->setup().change(settings);
        QCOMPARE(failed.count(), 1);
        QVERIFY(!room.studio->input().isSimulated() && !room.studio->input().isAlive());
        room.studio->recorder().start();
        QVERIFY(room.studio->recorder().isIdle());
    }

    void aFolderThatCannotBeUsedIsSaid() {
        StudioOptions options;
        options.dataFolder = "/proc/upbeat";
        const auto opened = Studio::open(options);
        QVERIFY(!opened);
    }
};

QTEST_MAIN(TestStudio)
#include "tst_studio.moc"
