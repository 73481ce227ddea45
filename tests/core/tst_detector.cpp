#include <QTest>
#include <cmath>
#include <limits>

#include "takes.h"
#include "upbeat/music/library.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/units/random.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

std::vector<Hit> firm(std::vector<Hit> hits) {
    std::erase_if(hits, [](const Hit& hit) { return hit.strength < kFirmStrength; });
    return hits;
}

std::vector<float> noise(double seconds, double gain, std::uint64_t seed) {
    Random random(seed);
    std::vector<float> wave(static_cast<std::size_t>(seconds * 48000));
    for (float& v : wave) v = static_cast<float>(gain * random.normal());
    return wave;
}

const KnownTake& singles() {
    static const KnownTake take = play(*builtInExercise("singles-sixteenths"), 100, 4, {}, 11);
    return take;
}

/// How many true hits have a detected one within 2 ms.
int found(const std::vector<TrueHit>& truth, const std::vector<Hit>& hits, double shiftS = 0) {
    int count = 0;
    for (const TrueHit& t : truth)
        count += std::any_of(hits.begin(), hits.end(),
                             [&](const Hit& h) { return std::abs(h.timeS - t.timeS - shiftS) < 0.002; });
    return count;
}

}  // namespace

class TestDetector : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void silenceHoldsNoHit() { QVERIFY(detectHits(std::vector<float>(48000 * 3, 0.0F), 48000).empty()); }

    void steadyNoiseHoldsNoFirmHit() {
        for (const std::uint64_t seed : {1U, 2U, 3U}) {
            const auto hits = firm(detectHits(noise(20, 0.01, seed), 48000));
            QVERIFY2(hits.empty(), qPrintable(QString::number(hits.size())));
        }
    }

    void everyStrokeOfAPadIsFoundOnce() {
        const auto hits = firm(detectHits(singles().rendered.sound.view(), 48000));
        QCOMPARE(hits.size(), singles().rendered.hits.size());
        QCOMPARE(found(singles().rendered.hits, hits), static_cast<int>(hits.size()));
    }

    void blocksOfAnySizeGiveTheSameHits_data() {
        QTest::addColumn<int>("block");
        for (const int block : {1, 64, 100, 256, 1000, 48000}) QTest::addRow("%d", block) << block;
    }
    void blocksOfAnySizeGiveTheSameHits() {
        QFETCH(int, block);
        const auto samples = singles().rendered.sound.view();
        const auto whole = detectHits(samples, 48000);
        HitDetector detector(48000);
        std::vector<Hit> hits;
        for (std::size_t at = 0; at < samples.size(); at += static_cast<std::size_t>(block)) {
            detector.push(samples.subspan(at, std::min(static_cast<std::size_t>(block), samples.size() - at)));
            for (const Hit& hit : detector.take()) hits.push_back(hit);
        }
        detector.finish();
        for (const Hit& hit : detector.take()) hits.push_back(hit);
        fillRings(hits, detector.trace());
        QCOMPARE(hits, whole);
        QCOMPARE(detector.samplesSeen(), static_cast<std::int64_t>(samples.size()));
    }

    // What is shown while playing: no later than 30 ms after the stroke began, and close to what is decided later.
    void aFirstLookComesWithin30MsAndIsNearlyRight() {
        const auto& take = singles();
        const auto samples = take.rendered.sound.view();
        constexpr std::size_t kBlock = 128;
        HitDetector detector(48000);
        QVERIFY(detector.takeEarly().empty());  // from now on they are wanted
        std::vector<Hit> early;
        std::vector<double> lagS;
        for (std::size_t at = 0; at + kBlock <= samples.size(); at += kBlock) {
            detector.push(samples.subspan(at, kBlock));
            for (const Hit& hit : detector.takeEarly()) {
                early.push_back(hit);
                // At the very start what lies under the first strokes is listened to before anything is said.
                if (hit.timeS > 0.1) lagS.push_back(static_cast<double>(at + kBlock) / 48000 - hit.timeS);
            }
        }
        detector.finish();
        QVERIFY(*std::max_element(lagS.begin(), lagS.end()) < 0.030);
        const auto final = firm(detector.take());
        QVERIFY(final.size() > 50);
        for (const Hit& hit : final) {
            const bool seen = std::any_of(early.begin(), early.end(), [&](const Hit& e) {
                return std::abs(e.timeS - hit.timeS) < 0.001 && std::abs(e.levelDb - hit.levelDb) < 1.5;
            });
            QVERIFY2(seen, qPrintable(QString::number(hit.timeS)));
        }
    }

    void aTakeMovedInTimeGivesTheSameHitsMoved() {
        for (const std::size_t shift : {1U, 5U, 13U, 997U}) {
            std::vector<float> moved(shift, 0.0F);
            const auto& samples = singles().rendered.sound.samples;
            moved.insert(moved.end(), samples.begin(), samples.end());
            const auto hits = firm(detectHits(moved, 48000));
            QCOMPARE(found(singles().rendered.hits, hits, static_cast<double>(shift) / 48000),
                     static_cast<int>(singles().rendered.hits.size()));
        }
    }

    void samplesThatAreNotNumbersAreSilence() {
        auto samples = singles().rendered.sound.samples;
        for (std::size_t i = 0; i < 400; ++i)
            samples[i * 7] =
                i % 2 == 0 ? std::numeric_limits<float>::quiet_NaN() : std::numeric_limits<float>::infinity();
        const auto hits = detectHits(samples, 48000);
        for (const Hit& hit : hits)
            QVERIFY(std::isfinite(hit.timeS) && std::isfinite(hit.levelDb) && std::isfinite(hit.strength));
        QVERIFY(found(singles().rendered.hits, hits) > static_cast<int>(singles().rendered.hits.size()) - 3);
    }

    void humAndDirectCurrentDoNotHideStrokes() {
        Recording recording;
        recording.humDb = -40;
        recording.dc = 0.05;
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 100, 2, {}, 11, recording);
        QCOMPARE(found(take.rendered.hits, firm(detectHits(take.rendered.sound.view(), 48000))),
                 static_cast<int>(take.rendered.hits.size()));
    }

    void aQuietTakeIsHeardAsWell() {
        Recording recording;
        recording.gainDb = -26;
        recording.noiseDb = -100;
        const KnownTake take = play(*builtInExercise("paradiddle-accents"), 90, 2, {}, 12, recording);
        const auto hits = detectHits(take.rendered.sound.view(), 48000);
        QVERIFY(found(take.rendered.hits, hits) >= static_cast<int>(take.rendered.hits.size()) - 1);
    }

    void clippedStrokesAreMarked() {
        Recording recording;
        recording.gainDb = 24;
        const KnownTake take = play(*builtInExercise("triplet-accents"), 90, 1, {}, 13, recording);
        const auto hits = firm(detectHits(take.rendered.sound.view(), 48000));
        QVERIFY(std::count_if(hits.begin(), hits.end(), [](const Hit& h) { return h.clipped; }) >= 4);
        const auto clean = firm(detectHits(singles().rendered.sound.view(), 48000));
        QVERIFY(std::none_of(clean.begin(), clean.end(), [](const Hit& h) { return h.clipped; }));
    }

    void otherSampleRatesGiveTheSameTimes_data() {
        QTest::addColumn<int>("rate");
        for (const int rate : {22050, 44100, 96000}) QTest::addRow("%d", rate) << rate;
    }
    void otherSampleRatesGiveTheSameTimes() {
        QFETCH(int, rate);
        Recording recording;
        recording.sampleRate = rate;
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), 100, 2, {}, 14, recording);
        const auto hits = firm(detectHits(take.rendered.sound.view(), rate));
        QCOMPARE(found(take.rendered.hits, hits), static_cast<int>(take.rendered.hits.size()));
    }

    void flamsAreTwoHits() {
        Character character = machine();
        character.graceMs = 25;
        const KnownTake take = play(*builtInExercise("flam-taps"), 80, 2, character, 15);
        const auto hits = detectHits(take.rendered.sound.view(), 48000);
        QVERIFY(found(take.rendered.hits, hits) >= static_cast<int>(take.rendered.hits.size()) - 1);
    }

    void aTakeThatEndsOnAStrokeStillCountsIt() {
        auto samples = singles().rendered.sound.samples;
        const double last = singles().rendered.hits.back().timeS;
        samples.resize(static_cast<std::size_t>((last + 0.02) * 48000));
        QCOMPARE(found(singles().rendered.hits, detectHits(samples, 48000)),
                 static_cast<int>(singles().rendered.hits.size()));
    }

    // A recording that is cut just before its first stroke, or on it: the stroke counts, the beginning does not.
    void theFirstStrokeOfARecordingIsHeard_data() {
        QTest::addColumn<QString>("exercise");
        QTest::addColumn<double>("noiseDb");
        for (const char* name : {"singles-sixteenths", "ghosted-backbeat", "swung-ride", "groove-train"})
            for (const double noiseDb : {-100.0, -60.0}) QTest::addRow("%s %g", name, noiseDb) << name << noiseDb;
    }
    void theFirstStrokeOfARecordingIsHeard() {
        QFETCH(QString, exercise);
        QFETCH(double, noiseDb);
        for (const std::uint64_t kit : {3U, 4U}) {
            Recording recording;
            recording.kitSeed = kit;
            recording.noiseDb = noiseDb;
            const auto page = builtInExercise(exercise.toStdString());
            QVERIFY(page.has_value());
            const KnownTake take = play(*page, 90, 2, {}, kit, recording);
            const auto& samples = take.rendered.sound.samples;
            const double first = firm(detectHits(samples, 48000)).front().timeS;
            // A cymbal rings on as it began: without a moment before it nothing tells it from a sound that was there.
            for (int ms = exercise == QStringLiteral("swung-ride") ? 2 : 0; ms <= 10; ++ms) {
                const auto from = static_cast<std::ptrdiff_t>((first - ms * 1e-3) * 48000);
                const std::vector<float> cut(samples.begin() + from, samples.end());
                const auto hits = firm(detectHits(cut, 48000));
                QVERIFY(!hits.empty());
                const double offMs = (hits.front().timeS - ms * 1e-3) * 1e3;
                QVERIFY2(std::abs(offMs) < 2, qPrintable(QString::number(offMs)));
                QVERIFY(hits.size() < 2 || hits[1].timeS - hits[0].timeS > 0.004);
            }
        }
    }

    void aConstantIsNoStrokeAtEitherEnd() {
        QVERIFY(firm(detectHits(std::vector<float>(48000, 0.4F), 48000)).empty());
        auto noisy = noise(2, 0.001, 9);
        for (float& v : noisy) v += 0.3F;
        QVERIFY(firm(detectHits(noisy, 48000)).empty());
    }

    void softStrokesOverAHardRingAreFoundAndNoneInvented() {
        std::size_t missed = 0;
        std::size_t extra = 0;
        for (const std::uint64_t kit : {41U, 42U, 43U, 44U}) {
            Recording recording;
            recording.kitSeed = kit;
            recording.hardKit = true;
            const KnownTake take = play(*builtInExercise("paradiddle-accents"), 96, 8, goodPlayer(), kit, recording);
            const TakeAnalysis a = analyze(take, listenTo(take.rendered.sound.view(), 48000));
            missed += a.matched.missed.size();
            extra += a.matched.extra.size();
        }
        QVERIFY2(missed <= 2, qPrintable(QString::number(missed)));
        QVERIFY2(extra <= 2, qPrintable(QString::number(extra)));
    }

    void memoryOfTheDetectorIsNotTheTakes() {
        // Two minutes block by block: what is not taken away must not pile up. Hits are, so they are counted.
        HitDetector detector(48000);
        const auto block = noise(1, 0.001, 5);
        std::size_t hits = 0;
        for (int second = 0; second < 120; ++second) {
            detector.push(block);
            hits += detector.take().size();
        }
        QCOMPARE(detector.samplesSeen(), std::int64_t{120} * 48000);
        QVERIFY(hits < 120 * 40);
    }

    void confidenceGrowsWithStrength() {
        Hit weak;
        weak.strength = 6;
        Hit strong;
        strong.strength = 60;
        QVERIFY(confidence(weak) < 0.5);
        QVERIFY(confidence(strong) > 0.75);
        QVERIFY(confidence(strong) < 1.0);
    }
};

QTEST_APPLESS_MAIN(TestDetector)
#include "tst_detector.moc"
