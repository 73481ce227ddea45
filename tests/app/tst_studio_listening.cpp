// Hearing a take again, and teaching the kit at the microphone.
#include <QDir>
#include <QSignalSpy>

#include "look/group_compare.h"
#include "room.h"
#include "upbeat/formats/atomic_file.h"

using namespace upbeat;
using namespace upbeat::test;

class TestStudioListening : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aSpanIsHeard() {
        Room room;
        room.playOne();
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->playback().isPlaying(), 60000);  // the verdict's tone
        room.studio->playback().listen(room.studio->review().take(), {1.0, 5.0});
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->playback().playheadS() >= 1.0, 60000);
        room.studio->playback().stop();
        QVERIFY(room.studio->playback().playheadS() < 0);
    }

    void theIdealVersionIsThePageWithoutError() {
        Room room;
        room.playOne();
        const TakeRecord& take = room.studio->review().take()->stored;
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
        const TakeView& take = *room.studio->review().take();
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
        QTRY_VERIFY_WITH_TIMEOUT(!room.studio->playback().isPlaying(), 60000);
        Listening wish{1.0, 1.2};
        wish.loop = true;
        room.studio->playback().listen(room.studio->review().take(), wish);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->playback().playheadS() > 1.1, 60000);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->playback().playheadS() < 1.1, 60000);  // came round
        QVERIFY(room.studio->playback().isPlaying());
        room.studio->playback().stop();
        QVERIFY(!room.studio->playback().isPlaying());
    }

    // ---- the kit

    void aLessonIsLearnedFromAndThenForgotten() {
        Room room;
        Studio& studio = *room.studio;
        QVERIFY(!studio.lessons().canTeach());
        studio.stand().choose("ghosted-backbeat");
        QVERIFY(studio.lessons().canTeach() && !studio.lessons().isTaught());
        studio.lessons().teach();
        QVERIFY(studio.stand().isPart());
        QSignalSpy learned(&studio.lessons(), &Lessons::learned);
        QSignalSpy failed(&studio.notices(), &Notices::failed);
        studio.recorder().start();
        QTRY_COMPARE_WITH_TIMEOUT(learned.count(), 1, 60000);
        QCOMPARE(failed.count(), 0);
        QVERIFY(studio.lessons().isTaught());
        QCOMPARE(studio.stand().exercise().id, std::string("ghosted-backbeat"));
        QVERIFY(studio.log().takes().empty());
        QVERIFY(QDir(room.dir.filePath(QStringLiteral("takes"))).entryList(QDir::Files).isEmpty());

        room.playOne();
        const auto unisons = studio.review().take()->analysis.measures.unisons;
        QVERIFY(!unisons.empty());
        const auto lines = compareLines(studio.review().take()->analysis);
        QVERIFY(std::any_of(lines.begin(), lines.end(), [](const CompareLine& line) {
            return line.name == QStringLiteral("hi-hat after bass drum") ||
                   line.name == QStringLiteral("bass drum after hi-hat");
        }));
        // Opened again from the logbook it is the same take; and the next start of the program still knows the kit.
        const qint64 id = studio.review().take()->id;
        const auto strokes = studio.review().take()->analysis.matched.strokes.size();
        room.studio.reset();
        room.open(soloist());
        room.studio->review().open(id);
        QTRY_VERIFY_WITH_TIMEOUT(room.studio->review().take() != nullptr, 60000);
        QCOMPARE(room.studio->review().take()->analysis.matched.strokes.size(), strokes);
        QCOMPARE(room.studio->review().take()->analysis.measures.unisons.size(), unisons.size());
        QVERIFY(room.studio->lessons().isTaught());
    }

    void aDamagedKitIsSaidAndDoesNoHarm() {
        Room room;
        room.studio->stand().choose("ghosted-backbeat");
        QVERIFY(writeFileAtomically(room.dir.filePath(QStringLiteral("kit-simulated.json")).toStdString(), "{\"a\":")
                    .has_value());
        room.studio.reset();
        room.open(soloist());
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        QCOMPARE(failed.count(), 0);
        room.studio->notices().startListening();
        QCOMPARE(failed.count(), 1);
        QVERIFY(failed.front().front().toString().contains(QStringLiteral("kit-simulated.json")));
        room.studio->stand().choose("ghosted-backbeat");
        QVERIFY(!room.studio->lessons().isTaught());
        room.playOne();
        QVERIFY(room.studio->review().take()->analysis.measures.unisons.empty());
    }

    void aTakeWithoutItsRecordingSaysSo() {
        Room room;
        room.playOne();
        QVERIFY(QFile::remove(room.studio->review().take()->soundFile));
        QSignalSpy failed(&room.studio->notices(), &Notices::failed);
        room.studio->notices().startListening();
        room.studio->playback().listen(room.studio->review().take(), {0, 1});
        QTRY_COMPARE_WITH_TIMEOUT(failed.count(), 1, 60000);
    }
};

QTEST_MAIN(TestStudioListening)
#include "tst_studio_listening.moc"
