// A recording that went on until it was stopped: taken apart by the page, whatever step the program dies after.
#include <QDir>
#include <QTemporaryDir>
#include <QTest>

#include "takes.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/logbook/take_archive.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 120;
constexpr double kBarS = 2;
constexpr double kLeadS = 2.25;
const QDateTime kEvening(QDate(2026, 3, 14), QTime(18, 0, 7));

TakeAnalysis measured(TakeRecord& take, const CoachPlan& plan) {
    return analyzeTake(take.exercise, take.frame, take.hits, plan);
}

/// Played for 4 bars, a pause of 3, 6 bars, and a pause.
Sound evening(const Exercise& page) {
    Sound whole;
    whole.sampleRate = 48000;
    whole.samples.resize(static_cast<std::size_t>((kLeadS + 15 * kBarS) * 48000));
    std::uint64_t seed = 5;
    for (const auto& [bar, bars] : {std::pair(0, 4), {7, 6}}) {
        Recording recording;
        recording.leadS = kLeadS;
        recording.noiseDb = -90;
        const KnownTake part = play(page, kTempo, bars, goodPlayer(), seed++, recording);
        const auto from = static_cast<std::size_t>(bar * kBarS * 48000);
        for (std::size_t i = 0; i < part.rendered.sound.samples.size() && from + i < whole.samples.size(); ++i)
            whole.samples[from + i] += part.rendered.sound.samples[i];
    }
    return whole;
}

struct Room {
    QTemporaryDir dir;
    DataFolder folder = *DataFolder::open(dir.path().toStdString());
    TakeArchive archive{folder};
    TakeRecord whole;
    std::string name;

    Room() {
        whole.exercise = *builtInExercise("singles-sixteenths");
        whole.click = clickFor(whole.exercise, Bpm(kTempo));
        whole.frame.tempoBpm = kTempo;
        whole.frame.firstBeatS = kLeadS;
        whole.frame.bars = 3600;
        whole.frame.damaged = {{kLeadS + 9 * kBarS, kLeadS + 10 * kBarS}};
        whole.openEnded = true;
        whole.startedAt = stampOf(kEvening);
        name = *archive.store().begin(whole, kEvening);
        static const Sound sound = evening(whole.exercise);
        if (!writeSound(archive.store().partFile(name), sound, AudioFormat::Flac24)) qFatal("no sound");
    }
    [[nodiscard]] int rows() const { return *TakeRepository(**Logbook::open(folder.logbook())).count(); }
    [[nodiscard]] QStringList files() const {
        return QDir(QString::fromStdString(folder.takes().string())).entryList(QDir::Files, QDir::Name);
    }
    void isTwoTakesOnce() const {
        QCOMPARE(archive.unfinished()->size(), std::size_t{0});
        QCOMPARE(rows(), 2);
        QCOMPARE(files(), (QStringList{QStringLiteral("2026-03-14-180007-singles-sixteenths-from-00001.flac"),
                                       QStringLiteral("2026-03-14-180007-singles-sixteenths-from-00001.json"),
                                       QStringLiteral("2026-03-14-180007-singles-sixteenths-from-00008.flac"),
                                       QStringLiteral("2026-03-14-180007-singles-sixteenths-from-00008.json")}));
    }
};

}  // namespace

class TestLongTakes : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void whatWasPlayedWithoutAPauseIsATake() {
        Room room;
        const auto ids = room.archive.split(room.name, room.whole, measured);
        QVERIFY(ids.has_value());
        QCOMPARE(ids->size(), std::size_t{2});
        const TakeRecord first = room.archive.find(ids->front())->take;
        const TakeRecord second = room.archive.find(ids->back())->take;
        QCOMPARE(first.frame.bars, 4);
        QCOMPARE(second.frame.bars, 6);
        QVERIFY(!first.openEnded && first.frame.damaged.empty());
        QCOMPARE(second.frame.damaged.size(), std::size_t{1});
        QVERIFY(std::abs(second.frame.damaged[0].fromS - second.frame.firstBeatS - 2 * kBarS) < 1e-6);
        QCOMPARE(startOf(second), kEvening.addSecs(static_cast<qint64>(kLeadS + 7 * kBarS - 0.5)));
        for (const TakeRecord& take : {first, second}) {
            const TakeAnalysis a = analyzeTake(take.exercise, take.frame, take.hits, {Profile(), {}, {}});
            QVERIFY(a.measures.timing.spreadMs->value < 6);
            QCOMPARE(a.matched.missed.size(), std::size_t{0});
            QVERIFY(a.matched.extra.size() <= 1);
        }
        room.isTwoTakesOnce();
    }

    void itGoesOnAfterACrash_data() {
        QTest::addColumn<int>("step");
        QTest::newRow("described") << static_cast<int>(TakeArchive::Step::Described);
        QTest::newRow("committed") << static_cast<int>(TakeArchive::Step::Committed);
        QTest::newRow("settled") << static_cast<int>(TakeArchive::Step::Settled);
        QTest::newRow("split") << static_cast<int>(TakeArchive::Step::Split);
    }
    void itGoesOnAfterACrash() {
        QFETCH(int, step);
        for (const int times : {1, 2}) {
            Room room;
            int seen = 0;
            TakeArchive dying(room.folder);
            dying.afterStep = [&](TakeArchive::Step s) { return static_cast<int>(s) != step || ++seen < times; };
            const bool died = !dying.split(room.name, room.whole, measured);
            QVERIFY(died || (step == static_cast<int>(TakeArchive::Step::Split) && times == 2));
            if (!died) continue;
            // The next start: it is offered once, and saved.
            const auto offered = room.archive.unfinished();
            QCOMPARE(*offered, std::vector<std::string>{room.name});
            const auto rescued = room.archive.rescue(room.name, measured);
            QVERIFY(rescued.has_value());
            room.isTwoTakesOnce();
        }
    }

    void anInterruptedOneIsTakenApartAsFarAsItGot() {
        Room room;
        const auto part = room.archive.store().partFile(room.name);
        std::filesystem::resize_file(part, std::filesystem::file_size(part) * 6 / 10);
        const auto rescued = room.archive.rescue(room.name, measured);
        QVERIFY(rescued.has_value());
        QCOMPARE(rescued->kind, Rescued::Kind::Split);
        QCOMPARE(room.archive.unfinished()->size(), std::size_t{0});
        QVERIFY(room.rows() >= 1);
        QVERIFY(room.archive.find(rescued->id)->take.durationS > 2);
    }

    void silenceLeavesNothing() {
        Room room;
        Sound silence;
        silence.sampleRate = 48000;
        silence.samples.resize(20 * 48000);
        QVERIFY(writeSound(room.archive.store().partFile(room.name), silence, AudioFormat::Flac24).has_value());
        const auto ids = room.archive.split(room.name, room.whole, measured);
        QVERIFY(ids && ids->empty());
        QCOMPARE(room.files(), QStringList());
        QCOMPARE(room.rows(), 0);
    }

    // Longer ones are several; a bar that was left out ends one; a few stray strokes are none.
    void stretchesFollowThePage() {
        const Exercise page = *builtInExercise("singles-sixteenths");
        TakeFrame frame;
        frame.tempoBpm = kTempo;
        frame.firstBeatS = 2;
        PassTally tally(page, frame);
        const auto strike = [&](int fromPass, int passes, int strokes) {
            for (int pass = fromPass; pass < fromPass + passes; ++pass)
                for (int i = 0; i < strokes; ++i) {
                    Hit hit;
                    hit.timeS = 2 + (pass + i / 16.0) * kBarS - 0.01;
                    hit.strength = 100;
                    tally.add(hit);
                }
        };
        strike(0, 70, 16);
        strike(71, 3, 6);
        strike(80, 5, 3);
        QCOMPARE(tally.stretches(1000, 64), (std::vector<PlayedStretch>{{0, 64}, {64, 6}, {71, 3}}));
        QCOMPARE(tally.stretches(2 + 10 * kBarS, 64), (std::vector<PlayedStretch>{{0, 10}}));
    }
};

QTEST_GUILESS_MAIN(TestLongTakes)
#include "tst_long_takes.moc"
