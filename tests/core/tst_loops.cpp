// How long the way round is: measured with twelve sounds, and by the click in a take. The rooms here are laid by hand.
#include <QTest>
#include <cmath>

#include "takes.h"
#include "upbeat/music/click_sound.h"
#include "upbeat/music/library.h"
#include "upbeat/signal/loop_watch.h"
#include "upbeat/signal/round_trip.h"
#include "upbeat/take/anchor.h"
#include "upbeat/take/click_marks.h"
#include "upbeat/units/random.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr int kRate = 48000;

/// Adds a sound at a whole sample and three of its reflections.
void lay(std::vector<float>& out, const std::vector<float>& sound, std::int64_t at, double gain, double walls = 0.5) {
    const std::array<std::pair<int, double>, 4> taps{{{0, 1}, {170, 0.6 * walls}, {613, -0.9 * walls}, {1490, walls}}};
    for (const auto& [later, tap] : taps)
        for (std::size_t i = 0; i < sound.size(); ++i) {
            const auto k = static_cast<std::size_t>(at) + static_cast<std::size_t>(later) + i;
            if (k < out.size()) out[k] += static_cast<float>(gain * tap) * sound[i];
        }
}

void addNoise(std::vector<float>& out, double peak, std::uint64_t seed) {
    Random random(seed);
    for (float& v : out) v += static_cast<float>(random.uniform(-peak, peak));
}

std::vector<float> probed(std::int64_t delay, double gain, double noise, double walls = 0.5) {
    std::vector<float> recording(static_cast<std::size_t>(roundTripLengthS() * kRate), 0.0F);
    for (const double timeS : roundTripTimesS())
        lay(recording, roundTripSound(kRate), std::llround(timeS * kRate) + delay, gain, walls);
    addNoise(recording, noise, 11);
    return recording;
}

/// A take of eight bars with the click in it, and somebody who plays along.
struct ClickTake {
    ClickPlan click{Bpm(110), {4, 4}};
    double firstBeatS = 0.25 + click.firstBeat().value();
    double endS = firstBeatS + 32 * 60.0 / 110;
    std::vector<ClickMark> marks = clickMarks(click, firstBeatS, endS + 1.2, endS + 0.01);
    std::vector<std::vector<float>> dry = clickSounds(kRate);
    std::vector<float> sound = std::vector<float>(static_cast<std::size_t>((endS + 2) * kRate), 0.0F);

    ClickTake() { addNoise(sound, 1e-4, 3); }
    void addClicks(std::int64_t delay, double gain, double fromS = 0, double toS = 1e9) {
        for (const ClickMark& mark : marks)
            if (mark.timeS >= fromS && mark.timeS < toS)
                lay(sound, dry[static_cast<std::size_t>(mark.kind)], std::llround(mark.timeS * kRate) + delay, gain);
    }
    /// A stroke with every click from a time on, so many frames after it.
    void addStrokes(std::int64_t after, double fromS) {
        Recording recording;
        recording.leadS = firstBeatS;
        recording.noiseDb = -110;
        const KnownTake known = play(*builtInExercise("singles-sixteenths"), 110, 8, {}, 4, recording);
        for (std::size_t i = 0; i < sound.size(); ++i) {
            const auto from = static_cast<std::int64_t>(i) - after;
            if (static_cast<double>(i) / kRate > fromS && from >= 0 &&
                from < static_cast<std::int64_t>(known.rendered.sound.samples.size()))
                sound[i] += known.rendered.sound.samples[static_cast<std::size_t>(from)];
        }
    }
    [[nodiscard]] LoopCheck check(std::optional<double> calibratedS = {}, double longestS = 0.1) const {
        LoopWatch watch(marks, dry, kRate, longestS);
        // In pieces that fit nothing.
        for (std::size_t at = 0; at < sound.size(); at += 1111)
            watch.push(std::span(sound).subspan(at, std::min<std::size_t>(1111, sound.size() - at)));
        return checkLoop(watch.finish(), calibratedS);
    }
};

TakeRecord recordWith(std::vector<double> hitTimesS) {
    TakeRecord take;
    take.exercise = *builtInExercise("singles-sixteenths");
    take.frame.tempoBpm = 100;
    take.frame.firstBeatS = 2;
    take.frame.bars = 2;
    take.durationS = 10;
    for (const double timeS : hitTimesS) {
        Hit hit;
        hit.timeS = timeS;
        hit.strength = 100;
        take.hits.push_back(hit);
    }
    return take;
}

}  // namespace

class TestLoops : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void twelveSoundsTellTheWayRound_data() {
        QTest::addColumn<int>("delay");
        QTest::addColumn<double>("gain");
        QTest::addColumn<double>("walls");
        QTest::newRow("cable") << 512 << 0.5 << 0.0;
        QTest::newRow("headphone") << 700 << 0.05 << 0.5;
        QTest::newRow("loud walls") << 1900 << 0.1 << 1.3;
        QTest::newRow("slow server") << 14000 << 0.02 << 0.5;
        QTest::newRow("upside down") << 640 << -0.1 << 0.5;
    }
    void twelveSoundsTellTheWayRound() {
        QFETCH(int, delay);
        QFETCH(double, gain);
        QFETCH(double, walls);
        const auto trip = measureRoundTrip(probed(delay, gain, 1e-3, walls), kRate);
        QVERIFY(trip.has_value());
        QCOMPARE(trip->heard, 12);
        QVERIFY2(std::abs(trip->latencyS * kRate - delay) < 2, qPrintable(QString::number(trip->latencyS * kRate)));
        QVERIFY(trip->uncertainMs < 0.1);
    }

    void whatCannotBeHeardIsRefusedWithAWayOut() {
        const auto says = [](const std::vector<float>& recording, const char* part) {
            const auto trip = measureRoundTrip(recording, kRate);
            return !trip && QString::fromStdString(trip.error().sentence()).contains(QLatin1String(part));
        };
        QVERIFY(says(probed(700, 0, 1e-3), "not heard"));
        QVERIFY(says(probed(700, 0, 0), "not heard"));
        QVERIFY(says(probed(700, 1e-5, 1e-2), "not heard"));
        QVERIFY(says(probed(700, 1.0, 1e-3), "overdriven"));
        QVERIFY(says(std::vector<float>(1000, 0.0F), "too early"));
        // The device slipped in the middle: half of them come elsewhere.
        auto slipped = probed(700, 0.1, 1e-3);
        const auto half = slipped.begin() + static_cast<std::ptrdiff_t>(slipped.size() / 2);
        std::rotate(half, half + 500, slipped.end());
        QVERIFY(says(slipped, "too few") || says(slipped, "different times"));
    }

    void theClickInATakeConfirmsACalibration() {
        ClickTake take;
        take.addClicks(640, 0.02);
        take.addStrokes(640 + 200, take.firstBeatS - 0.1);
        const LoopCheck check = take.check(640.0 / kRate);
        QCOMPARE(check.state, LoopCheck::State::Agrees);
        QVERIFY2(std::abs(check.lagS * kRate - 640) < 12, qPrintable(QString::number(check.lagS * kRate)));
        QCOMPARE(take.check(540.0 / kRate).state, LoopCheck::State::Differs);
        QCOMPARE(take.check().state, LoopCheck::State::Differs);
    }

    void aJumpInsideATakeIsSeen_data() {
        QTest::addColumn<int>("later");
        QTest::newRow("a period") << 256;
        QTest::newRow("back") << -300;
        QTest::newRow("far") << 1500;
    }
    void aJumpInsideATakeIsSeen() {
        QFETCH(int, later);
        ClickTake take;
        const double middle = 0.5 * (take.firstBeatS + take.endS);
        take.addClicks(900, 0.02, 0, middle);
        take.addClicks(900 + later, 0.02, middle);
        take.addStrokes(900, take.firstBeatS - 0.1);
        const LoopCheck check = take.check(900.0 / kRate);
        QCOMPARE(check.state, LoopCheck::State::Jumps);
        QVERIFY(check.jumpsAtS <= middle && check.jumpsAtS > take.firstBeatS - 0.6);
        QVERIFY(std::abs(check.lagS * kRate - 900) < 12);
    }

    // Two devices that run apart: the clicks after the last bar say how far.
    void devicesThatDriftApartAreSeen() {
        ClickTake take;
        take.addClicks(900, 0.02, 0, take.endS + 0.01);
        take.addClicks(960, 0.02, take.endS + 0.01);
        take.addStrokes(900, take.firstBeatS - 0.1);
        const LoopCheck check = take.check(900.0 / kRate);
        QCOMPARE(check.state, LoopCheck::State::Differs);
        QVERIFY2(std::abs(check.lagS * kRate - 930) < 12, qPrintable(QString::number(check.lagS * kRate)));
        QVERIFY(check.uncertainMs > 0.6);
    }

    // What has slipped within the last bars is told by the clicks after them.
    void aLateJumpIsSeen() {
        ClickTake take;
        take.addClicks(900, 0.02, 0, take.endS - 1.2);
        take.addClicks(900 + 400, 0.02, take.endS - 1.2);
        take.addStrokes(900, take.firstBeatS - 0.1);
        const LoopCheck check = take.check(900.0 / kRate);
        QCOMPARE(check.state, LoopCheck::State::Jumps);
        QVERIFY(check.jumpsAtS <= take.endS);
        QVERIFY(std::abs(check.lagS * kRate - 900) < 12);
    }

    // A server that takes a quarter of a second: 110 leaves room for that, eighths do not.
    void aLongWayRoundIsFoundWhereClicksHaveRoom() {
        ClickTake take;
        take.addClicks(13000, 0.05);
        take.addStrokes(13000, take.firstBeatS);
        const LoopCheck check = take.check({}, 0.6);
        QCOMPARE(check.state, LoopCheck::State::Differs);
        QVERIFY2(std::abs(check.lagS * kRate - 13000) < 20, qPrintable(QString::number(check.lagS * kRate)));
        take.click.subdivision = 2;
        take.marks = clickMarks(take.click, take.firstBeatS, take.endS);
        QCOMPARE(take.check({}, 0.6).state, LoopCheck::State::NotHeard);
    }

    // Whoever plays along with the count-in is not the click.
    void whereNoClickLeaksInNothingIsTold() {
        ClickTake silent;
        QCOMPARE(silent.check(0.01).state, LoopCheck::State::NotHeard);
        ClickTake played;
        played.addStrokes(500, 0);
        QCOMPARE(played.check(0.01).state, LoopCheck::State::NotHeard);
        ClickTake along;
        const KnownTake known = play(*builtInExercise("singles-sixteenths"), 110, 1, {}, 9);
        const std::vector<float> stroke(known.rendered.sound.samples.begin() + 24000,
                                        known.rendered.sound.samples.begin() + 30000);
        for (const ClickMark& mark : along.marks)
            lay(along.sound, stroke, std::llround(mark.timeS * kRate) + 500, 1, 0);
        QCOMPARE(along.check(0.01).state, LoopCheck::State::NotHeard);
    }

    void aTakeIsAnchoredByWhatIsKnownBest() {
        const KnownLoop calibrated{0.012, 0.04, true};
        LoopCheck check;
        TakeRecord take = recordWith({2.02});
        QCOMPARE(anchorTake(take, check, calibrated), AnchorNews::Nothing);
        QCOMPARE(take.frame.anchor, (Anchor{AnchorKind::Calibrated, 0.04}));
        QCOMPARE(take.frame.latencyS, 0.012);
        check.state = LoopCheck::State::Agrees;
        check.lagS = 0.0121;
        QCOMPARE(anchorTake(take, check, calibrated), AnchorNews::Confirmed);
        QCOMPARE(take.frame.latencyS, 0.012);
        check.state = LoopCheck::State::Differs;
        check.lagS = 0.02;
        check.uncertainMs = 0.25;
        QCOMPARE(anchorTake(take, check, calibrated), AnchorNews::Moved);
        QCOMPARE(take.frame.anchor, (Anchor{AnchorKind::Click, 0.25}));
        QCOMPARE(take.frame.latencyS, 0.02);
        QCOMPARE(anchorTake(take, check, {}), AnchorNews::Nothing);
        check.state = LoopCheck::State::Jumps;
        check.jumpsAtS = 5;
        QCOMPARE(anchorTake(take, check, calibrated), AnchorNews::Jumped);
        QCOMPARE(take.frame.damaged, (std::vector<DamagedSpan>{{5, 10}}));
    }

    // Nothing known, nothing heard: the strokes say where the page lies, and there is no placement.
    void withoutAnAnchorThereIsEvennessAndNoPlacement() {
        std::vector<double> hits;
        for (int i = 0; i < 32; ++i) hits.push_back(2 + 0.21 + i * 0.15);
        TakeRecord take = recordWith(hits);
        (void)anchorTake(take, {}, {});
        QCOMPARE(take.frame.anchor.kind, AnchorKind::None);
        const TakeAnalysis a =
            analyzeTake(take.exercise, take.frame, {take.hits, {}}, {Profile(), ladderOf(take.exercise), {}});
        QVERIFY(!a.measures.timing.placementMs && a.measures.timing.spreadMs);
        QVERIFY(a.measures.timing.spreadMs->value < 0.5);
        QVERIFY(a.matched.missed.size() <= 2);
        QVERIFY(
            std::none_of(a.gates.begin(), a.gates.end(), [](const Gate& g) { return g.kind == GateKind::Placement; }));
    }

    void anUncertainLatencyWidensThePlacement() {
        std::vector<double> hits;
        for (int i = 0; i < 32; ++i) hits.push_back(2 + 0.01 + i * 0.15);
        TakeRecord take = recordWith(hits);
        const auto placement = [&](const Anchor& anchor) {
            take.frame.anchor = anchor;
            return *analyzeTake(take.exercise, take.frame, {take.hits, {}}, {Profile(), ladderOf(take.exercise), {}})
                        .measures.timing.placementMs;
        };
        const Figure sure = placement({AnchorKind::Calibrated, 0});
        const Figure unsure = placement({AnchorKind::Click, 0.5});
        QCOMPARE(sure.value, unsure.value);
        QVERIFY(unsure.high - unsure.value >= 0.5 && unsure.value - unsure.low >= 0.5);
        QVERIFY(sure.high - sure.low < unsure.high - unsure.low);
    }
};

QTEST_GUILESS_MAIN(TestLoops)
#include "tst_loops.moc"
