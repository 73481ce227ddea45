#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <thread>

#include "recording_room.h"
#include "upbeat/audio/spsc_ring.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/take/click_marks.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Everything the run sends to the loudspeaker.
std::vector<float> outputOf(RecordingRun& run, int period, std::int64_t startAt = 0) {
    OfflineStream stream(run.sampleRate(), period, nullptr);
    RunProcess process(run);
    (void)stream.start(process);
    stream.drop(startAt);
    std::vector<float> all;
    std::vector<float> drained(1 << 16);
    while (!run.isFinished()) {
        const auto out = stream.cycle();
        all.insert(all.end(), out.begin(), out.end());
        (void)run.samples().pop(drained);
    }
    return all;
}

}  // namespace

class TestRecording : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void theRingKeepsOrderAndRefusesWhatDoesNotFit() {
        SpscRing<int> ring(5);
        QCOMPARE(ring.capacity(), std::size_t{8});
        const std::vector<int> six{1, 2, 3, 4, 5, 6};
        QVERIFY(ring.push(six));
        QVERIFY(!ring.push(six));
        std::vector<int> out(4);
        QCOMPARE(ring.pop(out), std::size_t{4});
        QCOMPARE(out, (std::vector<int>{1, 2, 3, 4}));
        QVERIFY(ring.push(six));
        out.resize(20);
        QCOMPARE(ring.pop(out), std::size_t{8});
        QCOMPARE(out[2], 1);
        QCOMPARE(ring.pop(out), std::size_t{0});
    }

    void theRingCarriesAMillionValuesBetweenThreads() {
        SpscRing<std::uint32_t> ring(1000);
        constexpr std::uint32_t kCount = 1'000'000;
        std::thread writer([&ring] {
            for (std::uint32_t next = 0; next < kCount;) {
                const std::array<std::uint32_t, 3> some{next, next + 1, next + 2};
                const auto count = std::min<std::size_t>(3, kCount - next);
                if (ring.push(std::span(some).first(count)))
                    next += static_cast<std::uint32_t>(count);
                else
                    std::this_thread::yield();
            }
        });
        std::array<std::uint32_t, 128> block{};
        std::uint32_t expected = 0;
        bool ordered = true;
        while (expected < kCount) {
            const std::size_t count = ring.pop(block);
            for (std::size_t i = 0; i < count; ++i) ordered = ordered && block[i] == expected++;
            if (count == 0) std::this_thread::yield();
        }
        writer.join();
        QVERIFY(ordered);
    }

    void everyClickStartsOnItsSample_data() {
        QTest::addColumn<double>("tempo");
        QTest::addColumn<int>("subdivision");
        QTest::addColumn<int>("period");
        QTest::addColumn<int>("rate");
        QTest::newRow("plain") << 120.0 << 1 << 256 << 48000;
        QTest::newRow("odd tempo") << 137.3 << 1 << 256 << 48000;
        QTest::newRow("triplet clicks") << 97.0 << 3 << 128 << 44100;
        QTest::newRow("long period") << 240.0 << 4 << 4096 << 48000;
        QTest::newRow("odd period") << 60.0 << 2 << 441 << 96000;
    }
    void everyClickStartsOnItsSample() {
        QFETCH(double, tempo);
        QFETCH(int, subdivision);
        QFETCH(int, period);
        QFETCH(int, rate);
        RecordingRun run(planOf(tempo, 2, subdivision), rate);
        const auto out = outputOf(run, period, 12345);
        QCOMPARE(run.startPosition(), std::int64_t{12345});
        // Rebuilt from the schedule, sample by sample.
        std::vector<float> expected(out.size(), 0.0F);
        const auto plan = run.plan();
        const double endS = plan.click.firstBeat().value() + plan.playingS() + 2 * 60 / tempo + 1e-6;
        for (std::int64_t i = 0; clickAt(plan.click, i).timeS <= endS; ++i) {
            const Click click = clickAt(plan.click, i);
            const auto at = static_cast<std::size_t>(std::llround((TakePlan::kLeadS + click.timeS) * rate));
            const auto wave = clickSound(click.kind, rate);
            for (std::size_t k = 0; k < wave.size() && at + k < expected.size(); ++k)
                expected[at + k] += 0.5F * wave[k];
        }
        for (std::size_t i = 0; i < out.size(); ++i)
            QVERIFY2(std::abs(out[i] - expected[i]) < 1e-6F, qPrintable(QString::number(i)));
    }

    void theClickFallsSilentAfterTheCountInWhenAsked() {
        TakePlan plan = planOf(120, 2);
        plan.click.audibleAfterCountIn = false;
        RecordingRun run(plan, 48000);
        const auto out = outputOf(run, 256);
        const auto firstBeat = static_cast<std::size_t>(plan.firstBeatS() * 48000);
        QVERIFY(std::any_of(out.begin(), out.begin() + static_cast<std::ptrdiff_t>(firstBeat),
                            [](float v) { return std::abs(v) > 0.1F; }));
        QVERIFY(std::all_of(out.begin() + static_cast<std::ptrdiff_t>(firstBeat), out.end(),
                            [](float v) { return std::abs(v) < 1e-3F; }));
    }

    // Two more clicks after the last bar tell whether the way round has held; nobody waits for them in headphones.
    void whereTheClickLeaksInTwoMoreFollowTheLastBar() {
        for (const bool leaks : {true, false}) {
            const TakePlan plan = planOf(120, 4);
            const auto run = std::make_shared<RecordingRun>(plan, 48000);
            const auto writer = TakeWriter::start(run);
            const auto loop = std::make_shared<std::vector<float>>(1 << 22);
            constexpr std::int64_t kDelay = 700;
            OfflineStream stream(48000, 256, [&](std::span<float> in, std::int64_t position) {
                for (std::size_t i = 0; leaks && i < in.size(); ++i)
                    in[i] = (*loop)[static_cast<std::size_t>(position) + i];
            });
            RunProcess process(*run);
            (void)stream.start(process);
            std::int64_t position = 0;
            while (!run->isFinished()) {
                if (!run->samples().size()) std::this_thread::yield();
                if (run->samples().size() > 4800) continue;  // as a device that waits for its listener
                const auto out = stream.cycle();
                for (std::size_t i = 0; i < out.size(); ++i)
                    (*loop)[static_cast<std::size_t>(position + kDelay) + i] += 0.05F * out[i];
                position += 256;
            }
            const FinishedTake take = (*writer)->finish();
            const double wholeS = plan.stopsS() + plan.latencyS + TakePlan::kTailS + (leaks ? 1.0 : 0.0);
            QVERIFY2(std::abs(take.take.durationS - wholeS) < 0.01, qPrintable(QString::number(take.take.durationS)));
            QVERIFY(!take.stoppedEarly);
            QCOMPARE(take.take.frame.bars, 4);
            QCOMPARE(!take.clicks.empty() && take.clicks.back().quiet && isClear(take.clicks.back()), leaks);
        }
    }

    void aTakeWithoutCountInStartsAtOnce() {
        TakePlan plan = planOf(120, 1);
        plan.click.countInBars = 0;
        QVERIFY(std::abs(plan.firstBeatS() - TakePlan::kLeadS) < 1e-12);
        RecordingRun run(plan, 48000);
        QVERIFY(!outputOf(run, 256).empty());
    }

    void theRecordingIsTheInputSampleForSample() {
        QTemporaryDir dir;
        TakePlan plan = planOf(200, 1);
        plan.file = dir.filePath(QStringLiteral("a.flac")).toStdString();
        const auto run = std::make_shared<RecordingRun>(plan, 48000);
        std::vector<float> played;
        OfflineStream stream(48000, 256, [&played](std::span<float> in, std::int64_t position) {
            for (std::size_t i = 0; i < in.size(); ++i)
                in[i] = 0.4F * static_cast<float>(
                                   std::sin(0.001 * static_cast<double>(position + static_cast<std::int64_t>(i))));
            played.insert(played.end(), in.begin(), in.end());
        });
        const FinishedTake take = record(run, stream);
        QVERIFY(!take.stoppedEarly);
        QVERIFY(take.take.frame.damaged.empty());
        const auto sound = readSound(plan.file);
        QVERIFY(sound.has_value());
        QCOMPARE(static_cast<std::int64_t>(sound->samples.size()), run->totalFrames());
        for (std::size_t i = 0; i < sound->samples.size(); ++i)
            QVERIFY(std::abs(sound->samples[i] - played[i]) < 1e-6F);
    }

    void aStoppedTakeKeepsWhatWasPlayed() {
        QTemporaryDir dir;
        TakePlan plan = planOf(120, 8);
        plan.file = dir.filePath(QStringLiteral("a.flac")).toStdString();
        const auto run = std::make_shared<RecordingRun>(plan, 48000);
        OfflineStream stream(48000, 256, nullptr);
        int cycles = 0;
        const FinishedTake take = record(run, stream, [&](OfflineStream& s) {
            (void)s.cycle();
            if (++cycles == 500) run->stop();
        });
        QVERIFY(take.stoppedEarly);
        QVERIFY(std::abs(take.take.durationS - 501 * 256 / 48000.0) < 0.006);
        QVERIFY(readSound(plan.file).has_value());
    }

    void aFolderThatCannotBeWrittenIsSaidAtOnce() {
        TakePlan plan = planOf(120, 1);
        plan.file = "/proc/upbeat/a.flac";
        const auto writer = TakeWriter::start(std::make_shared<RecordingRun>(plan, 48000));
        QVERIFY(!writer);
        QVERIFY(QString::fromStdString(writer.error().sentence()).contains(QStringLiteral("/proc/upbeat")));
    }

    void aFullDiskIsSaidAndTheMeasuringGoesOn() {
        if (!QFile::exists(QStringLiteral("/dev/full"))) QSKIP("no /dev/full here");
        TakePlan plan = planOf(200, 2);
        plan.file = "/dev/full";
        const auto run = std::make_shared<RecordingRun>(plan, 48000);
        auto writer = TakeWriter::start(run);
        if (!writer) return;  // refused when opened: said before the take started
        OfflineStream stream(48000, 256, nullptr);
        RunProcess process(*run);
        (void)stream.start(process);
        while (!run->isFinished())
            if (!run->isBackedUp()) (void)stream.cycle();
        const FinishedTake take = (*writer)->finish();
        QVERIFY(take.writeError.has_value());
        QVERIFY(take.take.durationS > 1.0);
    }

    void hitsComeOutWhileTheTakeGoesOn() {
        Recording recording;
        recording.noiseDb = -90;
        const KnownTake known = play(*builtInExercise("singles-sixteenths"), 150, 2, {}, 21, recording);
        TakePlan plan = planOf(150, 2);
        const auto run = std::make_shared<RecordingRun>(plan, 48000);
        auto writer = TakeWriter::start(run);
        OfflineStream stream(48000, 256, [&known](std::span<float> in, std::int64_t position) {
            const auto& samples = known.rendered.sound.samples;
            for (std::size_t i = 0; i < in.size(); ++i) {
                const auto at = static_cast<std::size_t>(position) + i;
                in[i] = at < samples.size() ? samples[at] : 0.0F;
            }
        });
        RunProcess process(*run);
        (void)stream.start(process);
        std::vector<Hit> live;
        while (!run->isFinished()) {
            if (!run->isBackedUp()) (void)stream.cycle();
            for (const Hit& hit : (*writer)->newHits()) live.push_back(hit);
        }
        const FinishedTake take = (*writer)->finish();
        for (const Hit& hit : (*writer)->newHits()) live.push_back(hit);
        // A first look while it plays; what is decided afterwards is the same as for the whole at once.
        for (const Hit& hit : take.take.hits)
            QVERIFY(hit.strength < kFirmStrength || std::any_of(live.begin(), live.end(), [&](const Hit& early) {
                        return std::abs(early.timeS - hit.timeS) < 0.002;
                    }));
        auto samples = known.rendered.sound.samples;
        samples.resize(static_cast<std::size_t>(run->totalFrames()));
        const ClickPlan& click = run->plan().click;
        QCOMPARE(take.take.hits, detectHits(samples, 48000, clickMarks(click, plan.firstBeatS(), plan.lastClickS())));
        QVERIFY((*writer)->newPeakDb() > -60);
    }
};

QTEST_GUILESS_MAIN(TestRecording)
#include "tst_recording.moc"
