// Tempo and beat 1 of a recording nobody knows anything of.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "takes.h"
#include "upbeat/music/library.h"
#include "upbeat/take/start.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 91.3;
constexpr int kPasses = 8;

KnownTake played(const char* id, const Character& player = goodPlayer(), std::uint64_t seed = 31,
                 Recording recording = {}) {
    return play(*builtInExercise(id), kTempo, kPasses, player, seed, recording);
}

std::vector<Hit> heard(const KnownTake& take) {
    return detectHits(take.rendered.sound.view(), take.rendered.sound.sampleRate);
}

double meanOffsetS(const KnownTake& take) {
    double sum = 0;
    int count = 0;
    for (const TrueHit& hit : take.rendered.hits)
        if (hit.played.role == Role::Main) sum += hit.timeS - take.rendered.firstBeatS - hit.played.gridS, ++count;
    return sum / count;
}

}  // namespace

class TestStart : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void strokesTellTempoAndBeatOne_data() {
        QTest::addColumn<QString>("page");
        for (const char* id : {"singles-sixteenths", "paradiddle-accents", "triplet-accents", "fives-singles",
                               "ghosted-backbeat", "swung-ride", "flam-taps"})
            QTest::newRow(id) << QString::fromLatin1(id);
    }
    void strokesTellTempoAndBeatOne() {
        QFETCH(QString, page);
        Character late = goodPlayer();
        late.placementMs = 9;
        const KnownTake take = played(page.toLatin1().constData(), late);
        const auto start = findStart(take.exercise, heard(take));
        QVERIFY(start.has_value());
        QCOMPARE(start->by, StartBy::Strokes);
        QVERIFY2(std::abs(start->reading.tempoBpm / kTempo - 1) < 1e-3,
                 qPrintable(QString::number(start->reading.tempoBpm)));
        const double off = start->reading.firstBeatS - take.rendered.firstBeatS - meanOffsetS(take);
        QVERIFY2(std::abs(off) < 0.005, qPrintable(QString::number(off)));
    }

    // Every second stroke of a fast page is soft: half of its tempo explains the firm ones too, and is offered second.
    void softStrokesBetweenFirmOnesAreNoReasonForHalfTheTempo() {
        const KnownTake take = played("doubles-sixteenths");
        std::vector<Hit> hits = heard(take);
        int firm = 0;
        for (Hit& hit : hits)
            if (hit.strength > 15 && ++firm % 2 == 0) hit.strength = 3;  // too little for a note
        const auto start = findStart(take.exercise, hits);
        QVERIFY(start.has_value());
        QVERIFY2(std::abs(start->reading.tempoBpm / kTempo - 1) < 1e-3,
                 qPrintable(QString::number(start->reading.tempoBpm)));
        QVERIFY(!start->sure);
        QVERIFY(std::any_of(start->others.begin(), start->others.end(),
                            [](const StartReading& other) { return std::abs(other.tempoBpm / kTempo - 0.5) < 1e-3; }));
    }

    // A click that counts in and leaks in is more exact than any player, and the placement is against it.
    void aClickTellsMore() {
        Recording recording;
        recording.leadS = 0.7 + 4 * 60 / kTempo;
        recording.bleed = clickFor(*builtInExercise("ghosted-backbeat"), Bpm(kTempo));
        recording.bleedDb = -25;
        Character late = goodPlayer();
        late.placementMs = 12;
        const KnownTake take = played("ghosted-backbeat", late, 5, recording);
        const auto start = findStart(take.exercise, heard(take));
        QVERIFY(start.has_value());
        QCOMPARE(start->by, StartBy::Click);
        QVERIFY(std::abs(start->reading.tempoBpm / kTempo - 1) < 2e-4);
        QVERIFY(std::abs(start->reading.firstBeatS - take.rendered.firstBeatS) < 0.002);
    }

    // Sticks that count in are neither strokes of the page nor as even as a machine.
    void sticksThatCountInAreNotThePage() {
        const KnownTake take = played("paradiddle-accents");
        auto hits = heard(take);
        const double beat = 60 / kTempo;
        std::vector<Hit> withSticks;
        for (int k = 4; k >= 1; --k) {
            Hit stick = hits.front();
            stick.timeS = take.rendered.firstBeatS + 2.0 - k * (beat + 0.004 * (k % 2)) + 0.003 * k;
            stick.levelDb = -20 - k;
            withSticks.push_back(stick);
        }
        for (Hit hit : hits) hit.timeS += 2.0, withSticks.push_back(hit);
        const auto start = findStart(take.exercise, withSticks);
        QVERIFY(start.has_value());
        QVERIFY(std::abs(start->reading.firstBeatS - 2.0 - take.rendered.firstBeatS - meanOffsetS(take)) < 0.008);
    }

    void whatIsKnownIsKept() {
        const KnownTake take = played("flam-taps");
        const auto hits = heard(take);
        const auto fixed = findStart(take.exercise, hits, {kTempo, kTempo, {}});
        QVERIFY(fixed.has_value());
        QCOMPARE(fixed->reading.tempoBpm, kTempo);
        const auto range = findStart(take.exercise, hits, {85, 98, {}});
        QVERIFY(range && range->reading.tempoBpm > 85 && range->reading.tempoBpm < 98);
        for (const StartReading& other : range->others) QVERIFY(other.tempoBpm > 84 && other.tempoBpm < 99);
    }

    // Nothing is made up: silence, and strokes that have nothing to do with the page.
    void whatDoesNotFitIsNotSure() {
        QVERIFY(!findStart(*builtInExercise("swung-ride"), std::vector<Hit>{}).has_value());
        std::vector<Hit> wild;
        double time = 0.4;
        std::uint32_t state = 7;
        for (int i = 0; i < 120; ++i) {
            state = state * 1664525U + 1013904223U;
            time += 0.08 + 0.5 * static_cast<double>(state >> 8U) / static_cast<double>(1U << 24U);
            wild.push_back(test::heard(time, -30 + static_cast<double>(state % 20), 40, 30));
        }
        const auto start = findStart(*builtInExercise("ghosted-backbeat"), wild);
        QVERIFY(!start || !start->sure);
    }
};

QTEST_APPLESS_MAIN(TestStart)
#include "tst_start.moc"
