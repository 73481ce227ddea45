// A recorder that sets its own level: it is noticed, and loudness is left out; a steady gain is never accused.
#include <QTest>
#include <algorithm>

#include "room_sounds.h"
#include "simulated_sets.h"
#include "takes.h"
#include "upbeat/measure/gain_ride.h"
#include "upbeat/music/library.h"

using namespace upbeat;

namespace {

constexpr int kBars = 16;

TakeAnalysis played(const char* page, const Character& character, std::uint64_t seed, const bench::Spoil& spoil = {}) {
    const Exercise e = *builtInExercise(page);
    return bench::simulateLabelled(e, 0.8 * e.tempo.goal, kBars, character, seed, bench::Room::Dry, bench::Kits::Plain,
                                   spoil)
        .analysis;
}

void ride(Sound& sound, double) {
    bench::rideGain(sound, 0.01, 0.3);
}

bool isOfLoudness(FindingKind kind) {
    return kind == FindingKind::Loud || kind == FindingKind::Soft || kind == FindingKind::LevelGap ||
           kind == FindingKind::Crescendo;
}

}  // namespace

class TestGain : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aRidingGainIsNoticed() {
        int noticed = 0;
        for (const char* page : {"singles-sixteenths", "paradiddle-accents", "ghosted-backbeat"})
            for (const std::uint64_t seed : {51U, 52U})
                noticed += played(page, {}, seed, ride).matched.gainRides ? 1 : 0;
        QVERIFY2(noticed >= 5, qPrintable(QString::number(noticed)));
    }

    void loudnessIsThenLeftOut() {
        const TakeAnalysis steady = played("paradiddle-accents", {}, 51);
        const TakeAnalysis riding = played("paradiddle-accents", {}, 51, ride);
        QVERIFY(steady.measures.balance.accentTapGapDb.has_value());
        QVERIFY(riding.matched.gainRides);
        QVERIFY(!riding.measures.balance.accentTapGapDb.has_value());
        QVERIFY(!riding.measures.balance.overlapPercent.has_value());
        for (const Gate& gate : riding.gates)
            QVERIFY2(unitOf(gate.kind) != "dB" && gate.kind != GateKind::Overlap, toName(gate.kind).data());
        for (const Finding& finding : riding.findings) QVERIFY(!isOfLoudness(finding.kind));
        // What is timed is timed as before.
        QCOMPARE(riding.measures.timing.spreadMs.has_value(), true);
        QVERIFY(std::abs(riding.measures.timing.spreadMs->value - steady.measures.timing.spreadMs->value) < 0.5);
    }

    void aSteadyGainIsNeverAccused_data() {
        QTest::addColumn<QString>("player");
        for (const char* player : {"even", "softer after accents", "swells", "tires", "wild"})
            QTest::newRow(player) << QString::fromUtf8(player);
    }
    void aSteadyGainIsNeverAccused() {
        QFETCH(QString, player);
        Character c;
        bench::Spoil spoil;
        if (player == QStringLiteral("softer after accents"))
            c.habits = {{Beats(1, 4), {}, {}, {}, 0, -4, 1}, {Beats(5, 4), {}, {}, {}, 0, -5, 0.5}};
        if (player == QStringLiteral("wild")) c.levelSpreadDb = {4, 4, 4};
        // The player, not the recorder, grows and fades: over bars, or through the take.
        if (player == QStringLiteral("swells") || player == QStringLiteral("tires"))
            spoil = [swells = player == QStringLiteral("swells")](Sound& sound, double firstBeatS) {
                for (std::size_t i = 0; i < sound.samples.size(); ++i) {
                    const double t = static_cast<double>(i) / sound.sampleRate - firstBeatS;
                    const double db = swells ? 4 * std::sin(t) : -8 * t / sound.durationS();
                    sound.samples[i] *= static_cast<float>(std::pow(10.0, db / 20));
                }
            };
        for (const char* page : {"singles-sixteenths", "paradiddle-accents", "ghosted-backbeat", "swung-ride"})
            for (const std::uint64_t seed : {61U, 62U, 63U}) {
                const double evidence = gainRideEvidence(played(page, c, seed, spoil).matched);
                QVERIFY2(evidence > -6.5,
                         qPrintable(QStringLiteral("%1 %2: %3").arg(QLatin1String(page)).arg(seed).arg(evidence)));
            }
    }

    void whereThereIsNoSoundThereIsNoGain() {
        const auto take = test::play(*builtInExercise("paradiddle-accents"), 100, 8);
        auto hits = test::perfectHits(take);
        for (Hit& hit : hits) hit.exact = true;
        QCOMPARE(gainRideEvidence(test::analyze(take, hits).matched), 0.0);
        QVERIFY(!gainRides(MatchedTake()));
    }
};

QTEST_APPLESS_MAIN(TestGain)
#include "tst_gain.moc"
