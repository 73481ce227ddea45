#include <QTest>
#include <cmath>
#include <thread>

#include "takes.h"
#include "upbeat/audio/engine.h"
#include "upbeat/audio/offline_stream.h"
#include "upbeat/audio/simulated_stream.h"
#include "upbeat/audio/stretch.h"
#include "upbeat/audio/take_writer.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

TakePlan planOf(const char* id, double tempo, int bars) {
    TakePlan plan;
    plan.exercise = *builtInExercise(id);
    plan.click.tempo = Bpm(tempo);
    plan.click.meter = plan.exercise.meter;
    plan.bars = bars;
    return plan;
}

}  // namespace

class TestEngine : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aSoundIsPlayedOnceAndWhole() {
        AudioEngine engine;
        OfflineStream stream(48000, 100, nullptr);
        (void)stream.start(engine);
        const auto sound = std::make_shared<Sound>(Sound{std::vector<float>(250, 0.5F), 48000});
        engine.play(sound, 0.5);
        QVERIFY(engine.isPlaying());
        std::vector<float> heard;
        for (int i = 0; i < 5; ++i) {
            const auto out = stream.cycle();
            heard.insert(heard.end(), out.begin(), out.end());
        }
        QVERIFY(!engine.isPlaying());
        for (std::size_t i = 0; i < heard.size(); ++i) QCOMPARE(heard[i], i < 250 ? 0.25F : 0.0F);
        QVERIFY(std::abs(engine.playedS() - 250.0 / 48000) < 1e-9);
    }

    void aLoopGoesRoundWithoutAGap() {
        AudioEngine engine;
        OfflineStream stream(48000, 100, nullptr);
        (void)stream.start(engine);
        std::vector<float> ramp(70);
        for (std::size_t i = 0; i < ramp.size(); ++i) ramp[i] = static_cast<float>(i) / 100.0F;
        engine.play(std::make_shared<Sound>(Sound{ramp, 48000}), 1, true);
        std::vector<float> heard;
        for (int i = 0; i < 4; ++i) {
            const auto out = stream.cycle();
            heard.insert(heard.end(), out.begin(), out.end());
        }
        for (std::size_t i = 0; i < heard.size(); ++i) QCOMPARE(heard[i], ramp[i % 70]);
        QVERIFY(engine.isPlaying());
        engine.stopPlaying();
        QVERIFY(!engine.isPlaying());
        engine.play(std::make_shared<Sound>(Sound{{}, 48000}), 1, true);
        (void)stream.cycle();
        QVERIFY(!engine.isPlaying());
    }

    void aNewSoundReplacesTheOldAndStoppingIsSilence() {
        AudioEngine engine;
        OfflineStream stream(48000, 64, nullptr);
        (void)stream.start(engine);
        engine.play(std::make_shared<Sound>(Sound{std::vector<float>(48000, 0.1F), 48000}), 1);
        (void)stream.cycle();
        engine.play(std::make_shared<Sound>(Sound{std::vector<float>(48000, 0.9F), 48000}), 1);
        QCOMPARE(stream.cycle()[0], 0.9F);
        engine.stopPlaying();
        QCOMPARE(stream.cycle()[0], 0.0F);
        QVERIFY(!engine.isPlaying());
    }

    void halfSpeedIsTwiceAsLongAtTheSamePitch() {
        Sound tone{std::vector<float>(48000), 48000};
        for (std::size_t i = 0; i < tone.samples.size(); ++i)
            tone.samples[i] = 0.5F * static_cast<float>(std::sin(2 * M_PI * 440 * static_cast<double>(i) / 48000));
        const Sound slow = stretched(tone, 2);
        QVERIFY(std::abs(slow.durationS() - 2.0) < 0.05);
        int crossings = 0;
        for (std::size_t i = 24001; i < 72000; ++i)
            crossings += slow.samples[i - 1] < 0 && slow.samples[i] >= 0 ? 1 : 0;
        QVERIFY2(std::abs(crossings - 440) < 8, qPrintable(QString::number(crossings)));
        QCOMPARE(stretched(tone, 1).samples, tone.samples);
        QCOMPARE(stretched(tone, 100).samples, tone.samples);
        QVERIFY(stretched({}, 2).samples.empty());
    }

    void theInputPeakIsKeptUntilItIsRead() {
        AudioEngine engine;
        OfflineStream stream(48000, 64,
                             [](std::span<float> in, std::int64_t position) { in[0] = position == 64 ? -0.7F : 0.1F; });
        (void)stream.start(engine);
        for (int i = 0; i < 4; ++i) (void)stream.cycle();
        QCOMPARE(engine.newPeak(), 0.7F);
        QCOMPARE(engine.newPeak(), 0.0F);
        QCOMPARE(engine.cycles(), std::int64_t{4});
    }

    void theSimulatedPlayerPlaysAlongWithTheClick() {
        AudioEngine engine;
        Character c = machine();
        c.placementMs = 6;
        SimulatedSource source(48000, c, 31);
        OfflineStream stream(48000, 256, [&](std::span<float> in, std::int64_t position) {
            source.fill(in, position, engine.currentRun());
        });
        (void)stream.start(engine);
        for (int i = 0; i < 37; ++i) (void)stream.cycle();
        const auto run = std::make_shared<RecordingRun>(planOf("paradiddle-accents", 130, 4), 48000);
        auto writer = TakeWriter::start(run);
        engine.startRun(run);
        while (!run->isFinished()) {
            while (run->isBackedUp()) std::this_thread::sleep_for(std::chrono::milliseconds(1));
            (void)stream.cycle();
        }
        engine.clearRun();
        const FinishedTake take = (*writer)->finish();
        const TakeRecord& played = take.take;
        QCOMPARE(played.frame.bars, 4);
        const TakeAnalysis a =
            analyzeTake(played.exercise, played.frame, played.hits, {Profile(), ladderOf(played.exercise), {}});
        QVERIFY(take.take.frame.damaged.empty());
        QVERIFY(a.matched.missed.size() <= 1);
        QVERIFY2(std::abs(a.measures.timing.placementMs->value - 6) < 0.3,
                 qPrintable(QString::number(a.measures.timing.placementMs->value)));
    }

    void theNextTakeIsAnotherPerformance() {
        AudioEngine engine;
        SimulatedSource source(48000, {}, 5);
        std::vector<float> in(256);
        std::vector<float> out(256);
        std::vector<std::vector<double>> played;
        for (int take = 0; take < 2; ++take) {
            const auto run = std::make_shared<RecordingRun>(planOf("singles-sixteenths", 200, 1), 48000);
            for (std::int64_t position = 0; !run->isFinished(); position += 256) {
                source.fill(in, position, run);
                run->process(in, out, {position});
            }
            played.emplace_back();
            for (const PlayedHit& hit : source.performance().hits) played.back().push_back(hit.timeS);
        }
        QCOMPARE(played[0].size(), std::size_t{16});
        QVERIFY(played[0] != played[1]);
    }

    void theSimulatedDeviceNeverLosesAFrame() {
        AudioEngine engine;
        SimulatedStream stream(engine, machine(), 9, 40.0);
        QVERIFY(stream.start(engine).has_value());
        const auto run = std::make_shared<RecordingRun>(planOf("singles-sixteenths", 160, 2), stream.sampleRate());
        auto writer = TakeWriter::start(run);
        engine.startRun(run);
        QTRY_VERIFY_WITH_TIMEOUT((*writer)->isDone(), 60000);
        stream.stop();
        const FinishedTake take = (*writer)->finish();
        QVERIFY(take.take.frame.damaged.empty());
        QVERIFY(!take.stoppedEarly);
        QCOMPARE(static_cast<std::int64_t>(std::llround(take.take.durationS * 48000)), run->totalFrames());
        const auto firm = std::count_if(take.take.hits.begin(), take.take.hits.end(),
                                        [](const Hit& h) { return h.strength >= kFirmStrength; });
        QCOMPARE(firm, 32);
        QCOMPARE(QString::fromStdString(stream.name()), QStringLiteral("Simulated player"));
    }

    // What the program plays to the simulated player comes out of the real device, in order and whole.
    void theSimulatedPlayerIsHeardThroughARealOutput() {
        AudioEngine engine;
        SimulatedStream::Speakers speakers;
        auto owned = std::make_unique<OfflineStream>(44100, 128, nullptr);
        OfflineStream& device = *owned;
        speakers.push_back(std::move(owned));
        SimulatedStream stream(engine, machine(), 9, 1.0, std::move(speakers));
        QVERIFY(!stream.hasOutput());
        QVERIFY(stream.start(engine).has_value());
        QVERIFY(stream.hasOutput());
        QCOMPARE(stream.sampleRate(), 44100);
        auto ramp = std::make_shared<Sound>();
        ramp->sampleRate = 44100;
        for (int i = 1; i <= 5000; ++i) ramp->samples.push_back(static_cast<float>(i) / 8192.0F);
        engine.play(ramp, 1.0);
        std::vector<float> heard;
        QTRY_VERIFY_WITH_TIMEOUT((
                                     [&] {
                                         for (const float v : device.cycle())
                                             if (v != 0) heard.push_back(v);
                                     }(),
                                     heard.size() >= ramp->samples.size()),
                                 60000);
        QCOMPARE(heard, ramp->samples);
        stream.stop();
    }
};

QTEST_GUILESS_MAIN(TestEngine)
#include "tst_engine.moc"
