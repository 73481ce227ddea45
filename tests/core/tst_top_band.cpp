#include <QTest>
#include <cmath>
#include <numbers>
#include <random>

#include "upbeat/align/match.h"
#include "upbeat/signal/hit_detector.h"
#include "upbeat/signal/novelty.h"
#include "upbeat/signal/onset.h"
#include "upbeat/signal/top_band.h"

using namespace upbeat;

namespace {

constexpr int kRate = 48000;

/// A vowel that begins at once: 30 harmonics of a low voice, the upper ones softer.
std::vector<float> vowel(double fromS, double seconds, double gain) {
    std::vector<float> wave(static_cast<std::size_t>(seconds * kRate));
    for (std::size_t i = static_cast<std::size_t>(fromS * kRate); i < wave.size(); ++i) {
        const double t = static_cast<double>(i) / kRate - fromS;
        double sum = 0;
        for (int k = 1; k <= 30; ++k) sum += std::sin(2 * std::numbers::pi * 130 * k * t) / k;
        wave[i] = static_cast<float>(gain * sum * (1 - std::exp(-t / 0.004)));
    }
    return wave;
}

/// A soft stroke: noise that dies away.
void strike(std::vector<float>& wave, double atS, double gain) {
    std::mt19937 random(7);
    std::normal_distribution<double> noise(0, gain);
    const auto first = static_cast<std::size_t>(std::lround(atS * kRate));
    for (std::size_t i = first; i < std::min(wave.size(), first + 2400); ++i)
        wave[i] += static_cast<float>(noise(random) * std::exp(-static_cast<double>(i - first) / 480));
}

std::vector<Hit> hitsOf(std::span<const float> wave) {
    HitDetector detector(kRate);
    detector.push(wave);
    detector.finish();
    return detector.take();
}

const Hit* nearest(const std::vector<Hit>& hits, double timeS) {
    const auto best = std::min_element(hits.begin(), hits.end(), [timeS](const Hit& a, const Hit& b) {
        return std::abs(a.timeS - timeS) < std::abs(b.timeS - timeS);
    });
    return best != hits.end() && std::abs(best->timeS - timeS) < 0.008 ? &*best : nullptr;
}

Hit sounding(double timeS, double levelDb, double topDb) {
    Hit hit;
    hit.timeS = hit.peakS = timeS;
    hit.levelDb = levelDb;
    hit.strength = 25;
    hit.contrastDb = 20;
    hit.topDb = topDb;
    return hit;
}

}  // namespace

class TestTopBand : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aVowelLeavesNothingThereAndAStickDoes() {
        auto wave = vowel(0.5, 1.5, 0.1);
        const auto syllable = hitsOf(wave);
        const Hit* start = nearest(syllable, 0.5);
        QVERIFY(start != nullptr);
        QVERIFY2(start->topDb < 5, qPrintable(QString::number(start->topDb)));
        strike(wave, 1.0, 0.01);
        const auto hits = hitsOf(wave);
        const Hit* stroke = nearest(hits, 1.0);
        QVERIFY(stroke != nullptr);
        QVERIFY2(stroke->topDb > 12, qPrintable(QString::number(stroke->topDb)));
    }

    /// Twenty decibels below the vowel.
    void aSoftStrokeUnderAVowelIsFollowedThere() {
        auto wave = vowel(0.0, 0.1, 0.1);
        const std::size_t start = 2000;
        strike(wave, static_cast<double>(start) / kRate, 0.01);
        const auto onset = refineOnset(wave, start + 24, wave.size(), kRate);
        QVERIFY(onset.has_value());
        QVERIFY2(onset->contrastDb >= kFollowedDb, qPrintable(QString::number(onset->contrastDb)));
        const double offMs = (onset->sample - static_cast<double>(start)) * 1e3 / kRate;
        QVERIFY2(std::abs(offMs) < 0.3, qPrintable(QString::number(offMs)));
    }

    void nothingRisesInSilenceNorAtTheEdges() {
        const std::vector<float> still(200, 0.0F);
        for (const int at : {0, 1, 40, 100, 198, 199}) QCOMPARE(topRiseDb(still, at), 0.0);
        QCOMPARE(topRiseDb({}, 0), 0.0);
        std::vector<float> steps(200, 1e-6F);
        std::fill(steps.begin() + 100, steps.end(), 1e-4F);
        QVERIFY(std::abs(topRiseDb(steps, 100) - 20) < 0.1);
        QVERIFY(std::abs(topRiseDb(steps, 106) - 20) < 0.1);
        QCOMPARE(topRiseDb(steps, 60), 0.0);
    }

    void aSlowRecordingHasNoSuchSound() {
        QVERIFY(!hasTopBand(16000));
        QVERIFY(hasTopBand(44100));
        const std::vector<float> frames(20, 0.5F);
        QCOMPARE(topEnergies(frames, 8, 16000), std::vector<float>(2, 0.0F));
        const auto energies = topEnergies(frames, 8, 44100);
        QCOMPARE(energies.size(), std::size_t{2});
        QVERIFY(energies[0] > 0);
    }

    /// By the other form of the filter, in double precision all along; and it forgets in a millisecond that it began.
    void theEnergiesAreThoseOfTheSound() {
        auto wave = vowel(0.0, 0.1, 0.1);
        strike(wave, 0.05, 0.03);
        constexpr std::size_t kFrame = 24;
        const auto whole = topEnergies(wave, kFrame, kRate);
        const auto later = topEnergies(std::span<const float>(wave).subspan(40 * kFrame), kFrame, kRate);
        const auto sound = topOf(wave, kRate);
        for (std::size_t i = 98; i < 140; ++i) {
            double sum = 0;
            for (std::size_t k = 0; k < kFrame; ++k) sum += std::pow(double(sound[i * kFrame + k - 3]), 2);
            const double before = sum / kFrame;
            QVERIFY2(std::abs(double(later[i - 40]) - double(whole[i])) <= 1e-5 * double(whole[i]) + 1e-12,
                     "begun later");
            // Four sections side by side are three samples behind.
            QVERIFY(std::abs(double(whole[i]) - before) <= 2e-3 * before + 1e-11);
        }
    }

    /// A syllable, then a softer stroke: it is no echo of the syllable. Nor of a stroke, where that one rose as far.
    void aStrokeBehindASyllableIsNoEchoOfIt() {
        const auto echo = [](double firstTopDb, double secondTopDb) {
            const std::vector<Hit> hits{sounding(1.0, -20, firstTopDb), sounding(1.025, -24, secondTopDb)};
            return soundings(hits, 0, 0).back().echo;
        };
        QVERIFY(!echo(1, 20));
        QVERIFY(echo(1, 2));
        QVERIFY(echo(18, 20));
    }
};

QTEST_APPLESS_MAIN(TestTopBand)
#include "tst_top_band.moc"
