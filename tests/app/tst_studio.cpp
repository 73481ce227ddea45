#include <QDir>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>

#include "look/group_compare.h"
#include "studio/studio.h"
#include "takes.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

Character soloist() {
    Character c = goodPlayer();
    c.spreadMs = 2.5;
    c.levelSpreadDb = {0.8, 0.8, 0.8};
    return c;
}

/// A studio in a folder of its own whose simulated player plays forty times as fast as a person.
struct Room {
    QTemporaryDir dir;
    std::unique_ptr<Studio> studio;

    explicit Room(const Character& character = soloist()) { open(character); }
    void open(const Character& character) {
        StudioOptions options;
        options.logbookFile = dir.filePath(QStringLiteral("logbook.db")).toStdString();
        options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
        options.characterOf = [character](const Exercise&, double) { return character; };
        options.simulatedSpeed = 40;
        auto opened = Studio::open(options);
        if (!opened) qFatal("%s", opened.error().sentence().c_str());
        studio = std::move(*opened);
        studio->chooseExercise("singles-sixteenths");
    }
    void playOne() const {
        const qint64 before = studio->take() ? studio->take()->id : 0;
        studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(studio->take() && studio->take()->id > before, 60000);
    }
};

}  // namespace

class TestStudio : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aTakeIsRecordedMeasuredAndFoundInTheLog() {
        Room room;
        QSignalSpy started(room.studio.get(), &Studio::takeStarted);
        QSignalSpy opened(room.studio.get(), &Studio::takeOpened);
        QSignalSpy failed(room.studio.get(), &Studio::failed);
        room.playOne();
        QCOMPARE(started.count(), 1);
        QCOMPARE(opened.count(), 1);
        QCOMPARE(failed.count(), 0);
        const TakePtr take = room.studio->take();
        QCOMPARE(take->analysis.matched.strokes.size(), std::size_t{128});
        QVERIFY(take->analysis.clean());
        QVERIFY(QFile::exists(take->soundFile));
        QCOMPARE(room.studio->takes().size(), std::size_t{1});
        QCOMPARE(room.studio->takes().front().title, std::string("Singles in sixteenths"));
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
        QVERIFY(room.studio->take() != nullptr);
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
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->takes().size() >= 2, 60000);
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
        QSignalSpy said(room.studio.get(), &Studio::said);
        room.studio->startTake();
        room.studio->stopTake();
        QCOMPARE(said.count(), 1);
        QVERIFY(room.studio->takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());
    }

    void aDiscardedTakeLeavesNothing() {
        Room room;
        room.studio->startTake();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->live()->beatsNow() > 5, 60000);
        room.studio->discardTake();
        QVERIFY(!room.studio->isRecording());
        QVERIFY(room.studio->takes().empty());
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
        QVERIFY(room.studio->takes().empty());
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
        QSignalSpy failed(room.studio.get(), &Studio::failed);
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

    void aSpanIsHeard() {
        Room room;
        room.playOne();
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->isPlaying(), 60000);  // the verdict's tone
        room.studio->listen({1.0, 5.0});
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->playheadS() >= 1.0, 60000);
        room.studio->stopPlaying();
        QVERIFY(room.studio->playheadS() < 0);
    }

    void theIdealVersionIsThePageWithoutError() {
        Room room;
        room.playOne();
        const StoredTake& take = room.studio->take()->stored;
        const double fromS = take.frame.firstBeatS - 0.2;
        const Sound sound = idealSound(take, fromS, fromS + 3);
        QCOMPARE(sound.samples.size(), std::size_t{3 * 48000});
        const double step = 60.0 / take.frame.tempoBpm / 4;
        int hits = 0;
        for (const Hit& hit : detectHits(sound.view(), sound.sampleRate)) {
            if (hit.strength < kFirmStrength) continue;
            const double away = std::remainder(hit.timeS - 0.2, step);
            QVERIFY2(std::abs(away) < 0.001, qPrintable(QString::number(away * 1e3)));
            ++hits;
        }
        QCOMPARE(hits, static_cast<int>(std::ceil(2.8 / step)));
    }

    void theClickIsHeardWhereItWasAndSlowMeansTwiceAsLong() {
        Room room;
        room.playOne();
        const TakeView& take = *room.studio->take();
        const double beat = 60.0 / take.stored.frame.tempoBpm;
        const double first = take.stored.frame.firstBeatS;
        TakeView silent = take;
        silent.stored.exercise.strokes.clear();
        const auto clicks = *soundOf(silent, {first - 0.1, first + 2 * beat, 1, true, true});
        const auto loudest = [&](double fromS, double toS) {
            float most = 0;
            for (auto i = static_cast<std::size_t>(fromS * 48000); i < static_cast<std::size_t>(toS * 48000); ++i)
                most = std::max(most, std::abs(clicks.samples[i]));
            return most;
        };
        QVERIFY(loudest(0, 0.095) < 0.05F);
        QVERIFY(loudest(0.1, 0.13) > 0.1F);
        QVERIFY(loudest(0.1 + beat, 0.13 + beat) > 0.1F);
        QVERIFY(loudest(0.2, 0.09 + beat) < 0.05F);
        const auto slow = *soundOf(take, {first, first + 1, 0.5});
        QVERIFY(std::abs(slow.durationS() - 2) < 0.1);
    }

    void aLoopGoesOnUntilItIsStopped() {
        Room room;
        room.playOne();
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->isPlaying(), 60000);
        Listening wish{1.0, 1.2};
        wish.loop = true;
        room.studio->listen(wish);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->playheadS() > 1.1, 60000);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->playheadS() < 1.1, 60000);  // came round
        QVERIFY(room.studio->isPlaying());
        room.studio->stopPlaying();
        QVERIFY(!room.studio->isPlaying());
    }

    // ---- the kit

    void aLessonIsLearnedFromAndThenForgotten() {
        Room room;
        Studio& studio = *room.studio;
        QVERIFY(!studio.canTeach());
        studio.chooseExercise("ghosted-backbeat");
        QVERIFY(studio.canTeach() && !studio.isTaught());
        studio.teachKit();
        QVERIFY(studio.isDrill());
        QSignalSpy learned(&studio, &Studio::kitLearned);
        QSignalSpy failed(&studio, &Studio::failed);
        studio.startTake();
        QTRY_COMPARE_WITH_TIMEOUT(learned.count(), 1, 60000);
        QCOMPARE(failed.count(), 0);
        QVERIFY(studio.isTaught());
        QCOMPARE(studio.exercise().id, std::string("ghosted-backbeat"));
        QVERIFY(studio.takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());

        room.playOne();
        const auto unisons = studio.take()->analysis.measures.unisons;
        QVERIFY(!unisons.empty());
        const auto lines = compareLines(studio.take()->analysis);
        QVERIFY(std::any_of(lines.begin(), lines.end(), [](const CompareLine& line) {
            return line.name == QStringLiteral("hi-hat after bass drum") ||
                   line.name == QStringLiteral("bass drum after hi-hat");
        }));
        // Opened again from the logbook it is the same take; and the next start of the program still knows the kit.
        const qint64 id = studio.take()->id;
        const auto strokes = studio.take()->analysis.matched.strokes.size();
        room.studio.reset();
        room.open(soloist());
        room.studio->openTake(id);
        QCOMPARE(room.studio->take()->analysis.matched.strokes.size(), strokes);
        QCOMPARE(room.studio->take()->analysis.measures.unisons.size(), unisons.size());
        QVERIFY(room.studio->isTaught());
    }

    void aDamagedKitIsSaidAndDoesNoHarm() {
        Room room;
        room.studio->chooseExercise("ghosted-backbeat");
        QVERIFY(writeFileAtomically(room.dir.filePath(QStringLiteral("kit-simulated.json")).toStdString(), "{\"a\":")
                    .has_value());
        room.studio.reset();
        room.open(soloist());
        QSignalSpy failed(room.studio.get(), &Studio::failed);
        QTRY_COMPARE(failed.count(), 1);
        QVERIFY(failed.front().front().toString().contains(QStringLiteral("kit-simulated.json")));
        room.studio->chooseExercise("ghosted-backbeat");
        QVERIFY(!room.studio->isTaught());
        room.playOne();
        QVERIFY(room.studio->take()->analysis.measures.unisons.empty());
    }

    void aTakeWithoutItsRecordingSaysSo() {
        Room room;
        room.playOne();
        QVERIFY(QFile::remove(room.studio->take()->soundFile));
        QSignalSpy failed(room.studio.get(), &Studio::failed);
        room.studio->listen({0, 1});
        QTRY_COMPARE_WITH_TIMEOUT(failed.count(), 1, 60000);
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
        room.studio.reset();
        for (const QString& file : QDir(aside.path()).entryList(QDir::Files))
            QVERIFY(QFile::copy(aside.filePath(file), takes + QLatin1Char('/') + file));
        room.open(soloist());
        QCOMPARE(room.studio->interrupted().size(), std::size_t{1});
        room.studio->recoverInterrupted();
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->take() != nullptr, 60000);
        QVERIFY(room.studio->take()->stored.recovered);
        QVERIFY(room.studio->take()->analysis.matched.strokes.size() > 15);
        QVERIFY(room.studio->interrupted().empty());
    }

    void interruptedTakesCanBeDeleted() {
        Room room;
        QFile part(room.dir.filePath(QStringLiteral("takes/x.flac.part")));
        QVERIFY(part.open(QIODevice::WriteOnly));
        part.close();
        QCOMPARE(room.studio->interrupted().size(), std::size_t{1});
        room.studio->discardInterrupted();
        QVERIFY(room.studio->interrupted().empty());
    }

    void notesAreKept() {
        Room room;
        room.playOne();
        room.studio->setNote(room.studio->take()->id, QStringLiteral("left stick cracked"));
        QCOMPARE(room.studio->takes().front().note, std::string("left stick cracked"));
    }

    void anInputThatCannotBeOpenedFallsBackAndSaysSo() {
        Room room;
        qputenv("JACK_NO_START_SERVER", "1");
        qputenv("JACK_DEFAULT_SERVER", "upbeat-nobody");
        QSignalSpy failed(room.studio.get(), &Studio::failed);
        PracticeSettings settings = room.studio->settings();
        settings.input = QStringLiteral("jack:system:capture_1");
        room.studio->changeSettings(settings);
        QCOMPARE(failed.count(), 1);
        QVERIFY(room.studio->isSimulated());
        QVERIFY(!room.studio->inputs().empty());
    }

    void aNewerLogbookIsSaid() {
        StudioOptions options;
        options.logbookFile = "/proc/upbeat/logbook.db";
        const auto opened = Studio::open(options);
        QVERIFY(!opened);
    }
};

QTEST_MAIN(TestStudio)
#include "tst_studio.moc"
