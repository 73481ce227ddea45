// Where what a device gives stands in a take: dropped, late and doubled cycles, clocks that are set, and the click that
// comes back.
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

#include "recording_room.h"
#include "upbeat/audio/engine.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// A loudspeaker that a microphone hears, so many frames later and so much softer.
struct Loop {
    std::int64_t delay = 512;
    float gain = 1;
    std::vector<float> sent{};  // by position

    [[nodiscard]] OfflineStream::Source source() {
        return [this](std::span<float> in, std::int64_t position) {
            for (std::size_t i = 0; i < in.size(); ++i) {
                const std::int64_t at = position + static_cast<std::int64_t>(i) - delay;
                in[i] = at >= 0 && at < static_cast<std::int64_t>(sent.size())
                            ? gain * sent[static_cast<std::size_t>(at)]
                            : 0.0F;
            }
        };
    }
    void cycle(OfflineStream& stream, bool late = false) {
        const std::int64_t position = stream.position();
        const auto out = stream.cycle(late);
        sent.resize(std::max(sent.size(), static_cast<std::size_t>(position) + out.size()), 0.0F);
        std::copy(out.begin(), out.end(), sent.begin() + position);
    }
};

/// How far after its time every audible click of the take stands in the recording, in frames, outside damaged spans.
std::vector<std::int64_t> clickDelays(const FinishedTake& take, const TakePlan& plan, const Sound& sound) {
    std::vector<std::int64_t> delays;
    for (std::int64_t i = 0;; ++i) {
        const double at = TakePlan::kLeadS + clickAt(plan.click, i).timeS;
        if (at > plan.durationS() - TakePlan::kTailS) return delays;
        const auto& damaged = take.take.frame.damaged;
        if (std::any_of(damaged.begin(), damaged.end(),
                        [at](const DamagedSpan& s) { return at + 0.1 > s.fromS && at < s.toS; }))
            continue;
        const auto from = std::llround(at * sound.sampleRate);
        // The first frame that is not silent: a looped click begins with a bang.
        for (std::int64_t k = from; k < from + sound.sampleRate / 10; ++k)
            if (std::abs(sound.samples.at(static_cast<std::size_t>(k))) > 0.01F) {
                delays.push_back(k - from);
                break;
            }
    }
}

}  // namespace

class TestTakeClock : public QObject {
    Q_OBJECT
  private Q_SLOTS:

    void droppedCyclesKeepTheClockAndAreMarked() {
        QTemporaryDir dir;
        TakePlan plan = planOf(200, 2);
        plan.file = dir.filePath(QStringLiteral("a.flac")).toStdString();
        const auto run = std::make_shared<RecordingRun>(plan, 48000);
        OfflineStream stream(48000, 256, [](std::span<float> in, std::int64_t position) {
            for (std::size_t i = 0; i < in.size(); ++i)
                in[i] = static_cast<float>((position + static_cast<std::int64_t>(i)) % 4096) / 8192.0F;
        });
        int cycles = 0;
        const FinishedTake take = record(run, stream, [&cycles](OfflineStream& s) {
            (void)s.cycle(cycles == 300);
            if (++cycles == 100) s.drop(512);
            if (cycles == 200) s.drop(777);
        });
        QCOMPARE(take.take.frame.damaged.size(), std::size_t{3});
        QCOMPARE(take.take.frame.damaged[0].fromS, 25600.0 / 48000);
        QCOMPARE(take.take.frame.damaged[0].toS, (25600.0 + 512) / 48000);
        QVERIFY(std::abs(take.take.frame.damaged[2].toS - take.take.frame.damaged[2].fromS - 256.0 / 48000) < 1e-9);
        const auto sound = readSound(plan.file);
        QCOMPARE(static_cast<std::int64_t>(sound->samples.size()), run->totalFrames());
        for (std::size_t i = 0; i < sound->samples.size(); ++i) {
            const double t = static_cast<double>(i) / 48000;
            const bool lost =
                std::any_of(take.take.frame.damaged.begin(), take.take.frame.damaged.begin() + 2,
                            [t](const DamagedSpan& s) { return t >= s.fromS - 1e-9 && t < s.toS - 1e-9; });
            const float expected = lost ? 0.0F : static_cast<float>(i % 4096) / 8192.0F;
            QVERIFY2(std::abs(sound->samples[i] - expected) < 1e-6F, qPrintable(QString::number(i)));
        }
    }
    // A take whose beat 1 was struck half a second ago holds it, sample for sample, and its note.
    void aTakeReachesBackToItsFirstStroke_data() {
        QTest::addColumn<int>("reach");
        QTest::addColumn<int>("gapAt");
        QTest::addColumn<int>("lost");
        QTest::newRow("all of it") << 24000 << 0 << 0;
        QTest::newRow("over a gap") << 24000 << 4096 << 24000 + 12000 - 4096;
        QTest::newRow("longer than is kept") << 12 * 48000 << 0 << 2 * 48000 + 12000;
    }
    void aTakeReachesBackToItsFirstStroke() {
        QFETCH(int, reach);
        QFETCH(int, gapAt);
        QFETCH(int, lost);
        const auto valueAt = [](std::int64_t position) { return static_cast<float>(position % 4096) / 8192.0F; };
        OfflineStream stream(48000, 256, [&](std::span<float> in, std::int64_t position) {
            for (std::size_t i = 0; i < in.size(); ++i) in[i] = valueAt(position + static_cast<std::int64_t>(i));
        });
        AudioEngine engine;
        engine.keepIn(std::make_shared<PreRoll>(48000));
        (void)stream.start(engine);
        for (int i = 0; i < 3000; ++i) {
            if (gapAt > 0 && i == 3000 - gapAt / 256) stream.drop(4096);
            (void)stream.cycle();
        }
        QTemporaryDir dir;
        TakePlan plan = planOf(200, 2);
        plan.click.countInBars = 0;
        plan.struckAt = stream.position() - reach;
        plan.file = dir.filePath(QStringLiteral("a.flac")).toStdString();
        engine.note({*plan.struckAt, 38, 90});
        const auto run = std::make_shared<RecordingRun>(plan, 48000);
        const auto writer = TakeWriter::start(run);
        engine.startRun(run);
        while (!run->isFinished())
            if (run->isBackedUp())
                std::this_thread::yield();
            else
                (void)stream.cycle();
        engine.clearRun();
        const FinishedTake take = (*writer)->finish();
        const std::int64_t origin = *plan.struckAt - 12000;  // a lead of a quarter of a second
        QCOMPARE(run->startPosition(), origin);
        QCOMPARE(take.take.hits.size(), std::size_t{1});
        QVERIFY(std::abs(take.take.hits[0].timeS - plan.firstBeatS()) < 1e-9);
        QCOMPARE(take.take.frame.damaged.size(), std::size_t(lost > 0 ? 1 : 0));
        if (lost > 0) QCOMPARE(std::llround(take.take.frame.damaged[0].toS * 48000), std::int64_t{lost});
        const auto sound = readSound(plan.file);
        QCOMPARE(static_cast<std::int64_t>(sound->samples.size()), run->totalFrames());
        for (std::int64_t i = 0; i < std::ssize(sound->samples); ++i) {
            const float expected = i < lost ? 0.0F : valueAt(origin + i);
            QVERIFY2(std::abs(sound->samples[static_cast<std::size_t>(i)] - expected) < 1e-6F,
                     qPrintable(QString::number(i)));
        }
    }

    void aClickThatLeaksIntoTheMicrophoneIsNoStroke_data() {
        QTest::addColumn<int>("delay");
        QTest::addColumn<double>("gain");
        QTest::addColumn<int>("subdivision");
        QTest::newRow("cable") << 512 << 1.0 << 1;
        QTest::newRow("headphone") << 900 << 0.05 << 1;
        QTest::newRow("slow device") << 2600 << 0.4 << 1;
        QTest::newRow("eighths") << 1100 << 0.3 << 2;
    }
    void aClickThatLeaksIntoTheMicrophoneIsNoStroke() {
        QFETCH(int, delay);
        QFETCH(double, gain);
        QFETCH(int, subdivision);
        const auto run = std::make_shared<RecordingRun>(planOf(120, 16, subdivision), 48000);
        Loop loop{delay, static_cast<float>(gain)};
        OfflineStream stream(48000, 256, loop.source());
        const FinishedTake take = record(run, stream, [&loop](OfflineStream& s) { loop.cycle(s); });
        QVERIFY(take.take.frame.clickBleed);
        const auto strokes = std::count_if(take.take.hits.begin(), take.take.hits.end(), [](const Hit& hit) {
            return hit.timeS > 2.3 && hit.strength >= kFirmStrength;
        });
        QCOMPARE(strokes, std::ptrdiff_t{0});
    }

    // The clock goes ahead by a period and comes back: the same frames seem to be delivered twice.
    void aClockThatGoesForwardAndBackShiftsNothing() {
        QTemporaryDir dir;
        TakePlan plan = planOf(200, 4);
        plan.file = dir.filePath(QStringLiteral("a.flac")).toStdString();
        const auto run = std::make_shared<RecordingRun>(plan, 48000);
        Loop loop;
        OfflineStream stream(48000, 256, loop.source());
        int cycles = 0;
        const FinishedTake take = record(run, stream, [&](OfflineStream& s) {
            loop.cycle(s);
            ++cycles;
            if (cycles == 200) s.drop(256);
            if (cycles == 203) s.setClock(s.position() - 256);
            if (cycles == 400) s.setClock(s.position() - 700);
        });
        QCOMPARE(take.take.frame.damaged.size(), std::size_t{3});
        const auto sound = readSound(plan.file);
        QVERIFY(sound.has_value());
        QCOMPARE(static_cast<std::int64_t>(sound->samples.size()), run->totalFrames());
        const auto delays = clickDelays(take, plan, *sound);
        QVERIFY2(delays.size() >= 15, qPrintable(QString::number(delays.size())));
        QVERIFY(std::all_of(delays.begin(), delays.end(), [&](std::int64_t d) { return d == delays.front(); }));
    }

    void whatFollowsAnotherPeriodOrAnotherClockIsNotMeasured_data() {
        QTest::addColumn<QString>("change");
        for (const char* change : {"period", "clock", "far", "restart"}) QTest::newRow(change) << QString(change);
    }
    void whatFollowsAnotherPeriodOrAnotherClockIsNotMeasured() {
        QFETCH(QString, change);
        const auto run = std::make_shared<RecordingRun>(planOf(200, 4), 48000);
        OfflineStream stream(48000, 256, nullptr);
        stream.drop(48000LL * 3600);
        int cycles = 0;
        const FinishedTake take = record(run, stream, [&](OfflineStream& s) {
            (void)s.cycle();
            if (++cycles != 300) return;
            if (change == "period") s.setPeriod(1024);
            if (change == "clock") s.changeClock();
            if (change == "far") s.drop(48000LL * 60);
            if (change == "restart") s.setClock(0);
        });
        const auto& damaged = take.take.frame.damaged;
        QCOMPARE(damaged.size(), std::size_t{1});
        QCOMPARE(damaged[0].fromS, 300 * 256 / 48000.0);
        QCOMPARE(damaged[0].toS, take.take.durationS);
        QCOMPARE(take.take.durationS, static_cast<double>(run->totalFrames()) / 48000);
    }

    void notesStandByTheClockOfTheTake() {
        const auto run = std::make_shared<RecordingRun>(planOf(200, 2), 48000);
        OfflineStream stream(48000, 256, nullptr);
        stream.drop(1000);
        int cycles = 0;
        const FinishedTake take = record(run, stream, [&](OfflineStream& s) {
            if (cycles == 0) run->note({1000, 38, 100});  // before the take
            (void)s.cycle();
            if (++cycles == 100) run->note({1000 + 99 * 256 + 7, 38, 100});
            if (cycles == 150) s.setClock(48000LL * 3600);
            if (cycles == 200) run->note({48000LL * 3600 + 49 * 256 + 5, 38, 100});
        });
        QCOMPARE(take.take.hits.size(), std::size_t{2});
        QCOMPARE(std::llround(take.take.hits[0].timeS * 48000), 99 * 256 + 7);
        QCOMPARE(std::llround(take.take.hits[1].timeS * 48000), 199 * 256 + 5);
    }
};

QTEST_GUILESS_MAIN(TestTakeClock)
#include "tst_take_clock.moc"
