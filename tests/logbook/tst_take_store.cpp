#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "takes.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/logbook/take_store.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

const QDateTime kEvening(QDate(2026, 3, 14), QTime(18, 0, 7));

TakeRecord sidecarOf(const KnownTake& take, int bars) {
    TakeRecord sidecar;
    sidecar.exercise = take.exercise;
    sidecar.click.tempo = Bpm(take.tempoBpm);
    sidecar.frame.tempoBpm = take.tempoBpm;
    sidecar.click.meter = take.exercise.meter;
    sidecar.frame.bars = bars;
    sidecar.frame.firstBeatS = take.rendered.firstBeatS;
    sidecar.startedAt = kEvening.toString(Qt::ISODate).toStdString();
    return sidecar;
}

QStringList filesIn(const QTemporaryDir& dir) {
    return QDir(dir.path()).entryList(QDir::Files, QDir::Name);
}

}  // namespace

class TestTakeStore : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aTakeHasPartNamesUntilItIsFinished() {
        QTemporaryDir dir;
        const TakeStore store(dir.path().toStdString());
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 120, 1);
        const TakeRecord sidecar = sidecarOf(take, 1);
        const auto name = store.begin(sidecar, kEvening);
        QVERIFY(name.has_value());
        QCOMPARE(QString::fromStdString(*name), QStringLiteral("2026-03-14-180007-singles-sixteenths"));
        QVERIFY(writeSound(store.partFile(*name), take.rendered.sound, AudioFormat::Flac24).has_value());
        QCOMPARE(store.unknownTo({}), std::vector<std::string>{*name});
        QVERIFY(store.describe(*name, sidecar).has_value());
        QVERIFY(store.settle(*name).has_value());
        QVERIFY(store.settle(*name).has_value());  // twice is once
        QCOMPARE(filesIn(dir), (QStringList{QString::fromStdString(*name) + QStringLiteral(".flac"),
                                            QString::fromStdString(*name) + QStringLiteral(".json")}));
        QVERIFY(store.unknownTo({*name + ".flac"}).empty());
        QVERIFY(readSidecar(dir.filePath(QString::fromStdString(*name) + QStringLiteral(".json")).toStdString())
                    .has_value());
    }

    void twoTakesOfOneSecondGetTwoNames() {
        QTemporaryDir dir;
        const TakeStore store(dir.path().toStdString());
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 120, 1);
        const auto first = store.begin(sidecarOf(take, 1), kEvening);
        QVERIFY(writeSound(store.partFile(*first), take.rendered.sound, AudioFormat::Flac24).has_value());
        const auto second = store.begin(sidecarOf(take, 1), kEvening);
        QVERIFY(*first != *second);
    }

    void aDiscardedTakeLeavesNothing() {
        QTemporaryDir dir;
        const TakeStore store(dir.path().toStdString());
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 120, 1);
        const auto name = store.begin(sidecarOf(take, 1), kEvening);
        QVERIFY(writeSound(store.partFile(*name), take.rendered.sound, AudioFormat::Flac24).has_value());
        store.discard(*name);
        QVERIFY(filesIn(dir).isEmpty());
    }

    void anInterruptedTakeIsSavedWithItsHits() {
        QTemporaryDir dir;
        const TakeStore store(dir.path().toStdString());
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 120, 4);
        const auto name = store.begin(sidecarOf(take, 4), kEvening);
        {
            QTemporaryDir elsewhere;
            const std::string live = elsewhere.filePath(QStringLiteral("live.flac")).toStdString();
            auto writer = FlacWriter::open(live, 48000);
            const auto samples = std::span(take.rendered.sound.samples).first(48000 * 5);
            for (std::size_t at = 0; at < samples.size(); at += 4096)
                QVERIFY((*writer)->write(samples.subspan(at, std::min<std::size_t>(4096, samples.size() - at))));
            (*writer)->flush();
            // Copied while the writer still has it open: as a crash would leave it.
            QVERIFY(QFile::remove(QString::fromStdString(store.partFile(*name).string())));
            QVERIFY(QFile::copy(QString::fromStdString(live), QString::fromStdString(store.partFile(*name).string())));
        }
        const auto saved = store.rescue(*name);
        QVERIFY2(saved.has_value(), saved ? "" : saved.error().sentence().c_str());
        QCOMPARE(saved->frame.bars, 2);
        const auto firm = std::count_if(saved->hits.begin(), saved->hits.end(),
                                        [](const Hit& h) { return h.strength >= kFirmStrength; });
        QVERIFY2(firm >= 32 && firm <= 37, qPrintable(QString::number(firm)));
        QCOMPARE(saved->durationS, readAudioInfo(store.file(*name))->durationS);
        QVERIFY(saved->recovered);
        QCOMPARE(filesIn(dir).size(), 3);  // the interrupted recording stays until the logbook has the take
        QVERIFY(store.settle(*name).has_value());
        QCOMPARE(filesIn(dir).size(), 2);
    }

    void rubbishIsLeftAloneAndSaid() {
        QTemporaryDir dir;
        const TakeStore store(dir.path().toStdString());
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 120, 1);
        const auto name = store.begin(sidecarOf(take, 1), kEvening);
        QFile part(QString::fromStdString(store.partFile(*name).string()));
        QVERIFY(part.open(QIODevice::WriteOnly));
        part.write("fLaC and then nothing that makes sense");
        part.close();
        QVERIFY(!store.rescue(*name));
        QVERIFY(part.exists());
        QVERIFY(!store.rescue("no such take"));
    }

    void aFolderThatCannotBeWrittenIsSaid() {
        const TakeStore store("/proc/upbeat");
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 120, 1);
        QVERIFY(!store.begin(sidecarOf(take, 1), kEvening));
        QVERIFY(store.unknownTo({}).empty());
    }
};

QTEST_GUILESS_MAIN(TestTakeStore)
#include "tst_take_store.moc"
