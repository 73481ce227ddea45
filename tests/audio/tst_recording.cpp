#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <thread>

#include "takes.h"
#include "upbeat/audio/offline_stream.h"
#include "upbeat/audio/recording_run.h"
#include "upbeat/audio/spsc_ring.h"
#include "upbeat/audio/take_writer.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/music/library.h"
#include "upbeat/take/click_marks.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

TakePlan planOf(double tempo, int bars, int subdivision = 1) {
    TakePlan plan;
    plan.exercise = *builtInExercise("singles-sixteenths");
    plan.click.tempo = Bpm(tempo);
    plan.click.subdivision = subdivision;
    plan.bars = bars;
    return plan;
}

/// The run as the process of a stream.
class RunProcess : public AudioProcess {
  public:
    explicit RunProcess(RecordingRun& run) : m_run(run) {}
    void process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept override {
        m_run.process(in, out, cycle);
    }

  private:
    RecordingRun& m_run;
};

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

FinishedTake record(const std::shared_ptr<RecordingRun>& run, OfflineStream& stream,
                    const std::function<void(OfflineStream&)>& cycle = nullptr) {
    RunProcess process(*run);
    (void)stream.start(process);
    auto writer = TakeWriter::start(run);
    if (!writer) qFatal("%s", writer.error().sentence().c_str());
    while (!run->isFinished()) {
        // The offline device is far faster than a disk: it waits for the writer, as no real device could.
        while (run->isBackedUp()) std::this_thread::sleep_for(std::chrono::milliseconds(1));
        cycle ? cycle(stream) : static_cast<void>(stream.cycle());
    }
    return (*writer)->finish();
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
        const double endS = plan.click.firstBeat().value() + plan.playingS() + 1e-6;
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

QTEST_GUILESS_MAIN(TestRecording)
#include "tst_recording.moc"
