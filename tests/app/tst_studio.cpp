#include <QDir>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "room.h"
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
        QSignalSpy started(room.studio.get(), &Studio::takeStarted);
        QSignalSpy opened(room.studio.get(), &Studio::takeOpened);
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.playOne();
        QCOMPARE(started.count(), 1);
        QCOMPARE(opened.count(), 1);
        QCOMPARE(failed.count(), 0);
        const TakePtr take = room.studio->take();
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
        const TakePtr today = room.studio->take();
        room.studio.reset();
        room.open(soloist());
        QVERIFY(!room.studio->take());
        room.studio->openTake(today->id);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->take() != nullptr, 60000);
        QCOMPARE(room.studio->take()->stored.hits, today->stored.hits);
        QCOMPARE(QString::fromStdString(room.studio->take()->analysis.verdict.reason),
                 QString::fromStdString(today->analysis.verdict.reason));
        QCOMPARE(room.studio->take()->soundFile, today->soundFile);
    }

    void threeCleanTakesClimbARung() {
        Room room;
        for (int i = 0; i < 3; ++i) room.playOne();
        QCOMPARE(room.studio->take()->analysis.verdict.action, Action::Up);
        room.studio->acceptNextStep();
        QCOMPARE(room.studio->ladder().tempoBpm, 64.0);
        room.studio.reset();
        room.open(soloist());
        QCOMPARE(room.studio->ladder().tempoBpm, 64.0);
    }

    void openingAnOldTakeShowsTheVerdictOfItsDay() {
        Room room;
        room.playOne();
        const qint64 first = room.studio->take()->id;
        room.playOne();
        room.playOne();
        room.studio->openTake(first);
        QTRY_COMPARE_WITH_TIMEOUT(room.studio->take()->id, first, 60000);
        QCOMPARE(room.studio->take()->analysis.verdict.cleanInARow, 1);
        QCOMPARE(room.studio->take()->analysis.verdict.action, Action::Again);
    }

    void handsFreePlaysTakeAfterTake() {
        Room room;
        PracticeSettings settings = room.studio->settings();
        settings.restS = 1;
        settings.barsPerTake = 4;
        room.studio->changeSettings(settings);
        room.studio->setHandsFree(true);
        room.studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->log().takes().size() >= 2, 60000);
        room.studio->setHandsFree(false);
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->isRecording(), 60000);
        QVERIFY(!room.studio->isResting());
    }

    void aStoppedTakeKeepsItsWholeBars() {
        Room room;
        room.studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->live()->beatsNow() > 9, 60000);
        room.studio->stopTake();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->take() && room.studio->take()->id > 0, 60000);
        QVERIFY(room.studio->take()->stored.frame.bars >= 2);
        QVERIFY(room.studio->take()->stored.frame.bars < 8);
        QVERIFY(room.studio->take()->analysis.matched.missed.size() <= 1);
    }

    void aTakeStoppedInTheCountInIsNotKept() {
        Room room;
        QSignalSpy said(&room.studio->notices(), &Notices::said);
        room.studio->startTake();
        room.studio->stopTake();
        QVERIFY(!room.studio->isRecording());
        room.studio->settle();
        QCOMPARE(said.count(), 1);
        QVERIFY(room.studio->log().takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());
    }

    void aDiscardedTakeLeavesNothing() {
        Room room;
        room.studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->live()->beatsNow() > 5, 60000);
        room.studio->discardTake();
        QVERIFY(!room.studio->isRecording());
        room.studio->settle();
        QVERIFY(room.studio->log().takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());
    }

    void strokesLandWhileTheTakeRuns() {
        Room room;
        room.studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->live()->passNow() >= 3, 60000);
        QVERIFY(room.studio->live()->marksOfPass(1).size() >= 15);
        room.studio->discardTake();
    }

    void aFaultyPlayerIsSentToTheSpotAndBack() {
        Character c = goodPlayer();
        c.habits = {{Beats(5, 4), std::nullopt, std::nullopt, std::nullopt, -45, 0, 1}};
        Room room(c);
        room.playOne();
        QCOMPARE(room.studio->take()->analysis.verdict.action, Action::Again);
        room.playOne();
        QCOMPARE(room.studio->take()->analysis.verdict.action, Action::Isolate);
        room.studio->acceptNextStep();
        QVERIFY(room.studio->isDrill());
        QVERIFY(check(room.studio->exercise()).has_value());
        room.playOne();
        QCOMPARE(room.studio->take()->stored.exercise.id, room.studio->exercise().id);
        room.studio->backToWhole();
        QVERIFY(!room.studio->isDrill());
        QCOMPARE(room.studio->exercise().id, std::string("singles-sixteenths"));
    }

    void tempoAndGoalStayInRange() {
        Room room;
        room.studio->setTempo(1000);
        QCOMPARE(room.studio->ladder().tempoBpm, 300.0);
        QVERIFY(room.studio->ladder().ladder.goalBpm >= 300);
        room.studio->setTempo(1);
        QCOMPARE(room.studio->ladder().tempoBpm, 30.0);
        room.studio->setGoal(10);
        QVERIFY(room.studio->ladder().ladder.goalBpm >= room.studio->ladder().ladder.startBpm);
    }

    void everyExerciseHasItsOwnLadder() {
        Room room;
        room.studio->setTempo(77);
        room.studio->chooseExercise("flam-taps");
        QCOMPARE(room.studio->ladder().tempoBpm, 50.0);
        room.studio->chooseExercise("singles-sixteenths");
        QCOMPARE(room.studio->ladder().tempoBpm, 77.0);
        room.studio->chooseExercise("no such thing");
        QCOMPARE(room.studio->exercise().id, std::string("singles-sixteenths"));
    }

    void aRecordingFromOutsideIsMeasured() {
        Room room;
        const KnownTake known = play(*builtInExercise("singles-sixteenths"), 90, 4, soloist(), 3);
        const QString file = room.dir.filePath(QStringLiteral("outside.wav"));
        QVERIFY(writeSound(file.toStdString(), known.rendered.sound, AudioFormat::Wav24).has_value());
        room.studio->openRecording(file, 90, 0.5);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->take() != nullptr, 60000);
        QCOMPARE(room.studio->take()->stored.frame.bars, 4);
        QCOMPARE(room.studio->take()->id, 0);
        QVERIFY(room.studio->log().takes().empty());
    }

    void aMidiTakeFromOutsideIsMeasuredWithItsVoices() {
        Room room;
        room.studio->chooseExercise("ghosted-backbeat");
        // The kit sends the page itself, at the file's tempo, which is the exercise's start tempo.
        const Exercise e = *builtInExercise("ghosted-backbeat");
        const QString path = room.dir.filePath(QStringLiteral("kit.mid"));
        QVERIFY(writeFileAtomically(path.toStdString(), toMidiBytes(toMidi(e))).has_value());
        room.studio->openRecording(path, e.tempo.start, 0);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->take() != nullptr, 60000);
        QVERIFY(room.studio->take()->soundFile.isEmpty());
        QVERIFY(room.studio->take()->analysis.matched.missed.empty());
        QVERIFY(room.studio->take()->analysis.matched.hits.front().voice.has_value());
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
        room.studio->openRecording(path, 90, 0.5);
        QTRY_COMPARE_WITH_TIMEOUT(failed.count(), 1, 60000);
        QVERIFY(failed.front().front().toString().contains(QStringLiteral("bad.wav")));
        QVERIFY(room.studio->take() == nullptr);
    }

    void anInterruptedTakeIsOfferedAndSaved() {
        Room room;
        room.studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->live()->beatsNow() > 13, 60000);
        // What a crash leaves: the part files as they are now. The take itself is thrown away afterwards.
        const QString takes = room.dir.filePath(QStringLiteral("takes"));
        QTemporaryDir aside;
        for (const QString& file : QDir(takes).entryList(QDir::Files))
            QVERIFY(QFile::copy(takes + QLatin1Char('/') + file, aside.filePath(file)));
        room.studio->discardTake();
        room.studio->settle();
        room.studio.reset();
        for (const QString& file : QDir(aside.path()).entryList(QDir::Files))
            QVERIFY(QFile::copy(aside.filePath(file), takes + QLatin1Char('/') + file));
        room.open(soloist());
        QCOMPARE(room.studio->interrupted().size(), std::size_t{1});
        room.studio->recoverInterrupted();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->take() != nullptr, 60000);
        QVERIFY(room.studio->take()->stored.recovered);
        QVERIFY(room.studio->take()->stored.durationS > 5);
        QCOMPARE(room.studio->ladder().tempoBpm, 60.0);  // it never moves a ladder by itself
        QVERIFY(room.studio->take()->analysis.matched.strokes.size() > 15);
        QVERIFY(room.studio->interrupted().empty());
    }

    void interruptedTakesCanBeDeleted() {
        Room room;
        room.studio.reset();
        QFile part(room.dir.filePath(QStringLiteral("takes/x.flac.part")));
        QVERIFY(part.open(QIODevice::WriteOnly));
        part.write("sound");
        part.close();
        room.open(soloist());
        QCOMPARE(room.studio->interrupted().size(), std::size_t{1});
        room.studio->discardInterrupted();
        room.studio->settle();
        QVERIFY(room.studio->interrupted().empty());
        QVERIFY(!part.exists());
    }

    void notesAreKept() {
        Room room;
        room.playOne();
        room.studio->log().setNote(room.studio->take()->id, QStringLiteral("left stick cracked"));
        QCOMPARE(room.studio->log().takes().front().note, std::string("left stick cracked"));
    }

    void anInputThatCannotBeOpenedFallsBackAndSaysSo() {
        Room room;
        qputenv("JACK_NO_START_SERVER", "1");
        qputenv("JACK_DEFAULT_SERVER", "upbeat-nobody");
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.studio->notices().startListening();
        PracticeSettings settings = room.studio->settings();
        settings.input = QStringLiteral("jack:system:capture_1");
        room.studio->changeSettings(settings);
        QCOMPARE(failed.count(), 1);
        QVERIFY(room.studio->isSimulated());
        QVERIFY(!room.studio->inputs().empty());
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
