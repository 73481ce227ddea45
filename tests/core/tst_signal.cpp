#include <QTest>
#include <cmath>
#include <numbers>

#include "upbeat/signal/band_bank.h"
#include "upbeat/signal/biquad.h"
#include "upbeat/signal/faint.h"
#include "upbeat/signal/hit.h"
#include "upbeat/signal/level.h"
#include "upbeat/signal/level_meter.h"
#include "upbeat/signal/novelty.h"
#include "upbeat/signal/onset.h"
#include "upbeat/signal/ring_meter.h"

using namespace upbeat;

namespace {

std::vector<float> sine(double hz, double gain, double seconds, int rate) {
    std::vector<float> wave(static_cast<std::size_t>(seconds * rate));
    for (std::size_t i = 0; i < wave.size(); ++i)
        wave[i] = static_cast<float>(gain * std::sin(2 * std::numbers::pi * hz * static_cast<double>(i) / rate));
    return wave;
}

double rms(std::span<const float> x) {
    double sum = 0;
    for (const float v : x) sum += static_cast<double>(v) * static_cast<double>(v);
    return std::sqrt(sum / static_cast<double>(x.size()));
}

/// Silence, then a burst that is at full level at once.
std::vector<float> burstAt(std::size_t start, std::size_t length, double gain, std::size_t total, int rate) {
    std::vector<float> wave(total, 0.0F);
    const auto tone = sine(3000, gain, static_cast<double>(length) / rate, rate);
    std::copy(tone.begin(), tone.end(), wave.begin() + static_cast<std::ptrdiff_t>(start));
    return wave;
}

}  // namespace

class TestSignal : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void filtersPassWhatTheyPromise_data() {
        QTest::addColumn<double>("hz");
        QTest::addColumn<bool>("low");
        QTest::addColumn<double>("expectedDb");
        QTest::newRow("low pass, far below") << 100.0 << true << 0.0;
        QTest::newRow("low pass, at the corner") << 1000.0 << true << -3.01;
        QTest::newRow("low pass, two octaves above") << 4000.0 << true << -24.1;
        QTest::newRow("high pass, far above") << 9000.0 << false << 0.0;
        QTest::newRow("high pass, at the corner") << 1000.0 << false << -3.01;
        QTest::newRow("high pass, two octaves below") << 250.0 << false << -24.1;
    }
    void filtersPassWhatTheyPromise() {
        QFETCH(double, hz);
        QFETCH(bool, low);
        QFETCH(double, expectedDb);
        const auto in = sine(hz, 0.5, 0.5, 48000);
        const auto out = filtered(in, low ? lowPass(1000, 48000) : highPass(1000, 48000));
        const double db = 20 * std::log10(rms(std::span(out).last(12000)) / rms(std::span(in).last(12000)));
        QVERIFY2(std::abs(db - expectedDb) < 0.9, qPrintable(QString::number(db)));
    }

    void threeViewsSideBySideAreThoseOfOneAfterTheOther() {
        auto in = sine(700, 0.4, 0.05, 48000);
        in[1000] = -0.9F;
        const std::array<Biquad, kViews> sections{highPass(250, 48000), lowPass(1200, 48000), highPass(4500, 48000)};
        const auto views = filteredTwice(in, sections);
        for (std::size_t k = 0; k < kViews; ++k) QCOMPARE(views[k], filtered(filtered(in, sections[k]), sections[k]));
        QVERIFY(filteredTwice({}, sections)[2].empty());
    }

    void aCornerAboveTheSpectrumChangesNothing() {
        const auto in = sine(500, 0.3, 0.05, 8000);
        QCOMPARE(filtered(in, lowPass(11000, 8000)), in);
    }

    void everyBandHearsItsOwnTone() {
        for (std::size_t band = 0; band + 1 < kBands; ++band) {
            BandBank bank(48000);
            const double hz = std::sqrt(kBandEdgesHz[band] * kBandEdgesHz[band + 1]);
            const auto tone = sine(hz, 0.5, 0.3, 48000);
            BandEnergy energy{};
            for (std::size_t i = 0; i + 24 <= tone.size(); i += 24)
                energy = bank.process(std::span(tone).subspan(i, 24));
            // Averaged over a few periods of the lowest band.
            BandEnergy sum{};
            for (std::size_t i = 0; i + 24 <= tone.size(); i += 24) {
                energy = bank.process(std::span(tone).subspan(i, 24));
                for (std::size_t b = 0; b < kBands; ++b) sum[b] += energy[b];
            }
            const auto loudest = std::max_element(sum.begin(), sum.end()) - sum.begin();
            QCOMPARE(static_cast<std::size_t>(loudest), band);
        }
    }

    void theBankComesToRestInSilence() {
        BandBank bank(48000);
        const auto tone = sine(80, 0.9, 0.1, 48000);
        (void)bank.process(tone);
        const std::vector<float> silence(48000, 0.0F);
        for (std::size_t i = 0; i + 24 <= silence.size(); i += 24)
            (void)bank.process(std::span(silence).subspan(i, 24));
        for (const float energy : bank.process(std::span(silence).first(24))) QCOMPARE(energy, 0.0F);
    }

    void aRingExplainsItselfAndANewStrokeIsHeardOverIt() {
        // A stroke 9 dB below what still rings of two louder modes.
        const auto mode = [](double hz, double decayS, double t) {
            return t < 0 ? 0 : std::exp(-t / decayS) * std::sin(2 * std::numbers::pi * hz * t);
        };
        constexpr double kStrokeS = 0.3;
        std::vector<float> wave(48000 / 2);
        for (std::size_t i = 0; i < wave.size(); ++i) {
            const double t = static_cast<double>(i) / 48000;
            wave[i] = static_cast<float>(0.5 * mode(190, 0.4, t - 0.05) + 0.3 * mode(322, 0.3, t - 0.05) +
                                         0.1 * mode(540, 0.1, t - kStrokeS));
        }
        RingMeter meter(48000);
        for (std::size_t at = 0; at + 24 <= wave.size(); at += 24)
            meter.push(std::span<const float>(wave).subspan(at, 24));
        const auto rises = meter.take();
        QVERIFY(rises.size() > 900);
        const auto frameOf = [](double seconds) { return static_cast<std::ptrdiff_t>(seconds / kFrameS); };
        const auto loudest = std::max_element(rises.begin() + frameOf(0.12), rises.end());
        QVERIFY2(*loudest > 12, qPrintable(QString::number(*loudest)));
        QVERIFY(std::abs(loudest - rises.begin() - frameOf(kStrokeS)) <= 8);
        for (auto r = rises.begin() + frameOf(0.15); r < rises.begin() + frameOf(kStrokeS - 0.014); ++r)
            QVERIFY2(*r < 2, qPrintable(QString::number(*r)));
        // By itself, and with the ear closed before the stroke.
        QVERIFY(meter.riseDb(frameOf(kStrokeS), frameOf(1)) > 12);
        QVERIFY(meter.riseDb(frameOf(kStrokeS - 0.008), frameOf(kStrokeS - 0.001)) < 2);
        QCOMPARE(meter.riseDb(frameOf(kStrokeS), frameOf(kStrokeS) + 2), 0.0);
        QCOMPARE(meter.riseDb(frameOf(1), frameOf(2)), 0.0);
        meter.forgetOld();
        QVERIFY(std::isfinite(meter.riseDb(frameOf(0.1), frameOf(0.12))));
    }

    void nothingRisesInSilence() {
        RingMeter meter(44100);
        const std::vector<float> silence(22, 0.0F);
        for (int i = 0; i < 400; ++i) meter.push(silence);
        for (const float rise : meter.take()) QCOMPARE(rise, 0.0F);
    }

    void everyWitnessOfAFaintHitSpeaksAndNoneMakesItFirm() {
        const double plain = weighFaint(5, 2, 2);
        QVERIFY(weighFaint(6, 2, 2) > plain);
        QVERIFY(weighFaint(5, 3, 2) > plain);
        QVERIFY(weighFaint(5, 2, 3) > plain);
        QVERIFY(weighFaint(3, -3, -3) < 0.15);
    }

    void whatLastsIsMeasuredOnlyUpToTheNextStroke() {
        std::vector<BandEnergy> frames(kPatchFrames);
        for (std::size_t f = 0; f < frames.size(); ++f)
            frames[f].fill(f < kPatchBefore ? 1e-6F : f < kPatchBefore + 22 ? 1e-5F : 1e-2F);
        Patch patch;
        patch.fill(frames, kPatchBefore);
        QVERIFY(std::abs(lastingDb(patch, 22) - 10) < 0.6);
        QVERIFY(std::abs(lastingDb(patch, 10) - 10) < 0.6);
        QVERIFY(lastingDb(patch, 100) > 30);
    }

    void noveltyIsZeroWhereNothingRises() {
        const NoveltyMeter meter(48000);
        BandEnergy steady{};
        steady.fill(1e-4F);
        const std::vector<BandEnergy> before(kBeforeFrames, steady);
        const std::vector<BandEnergy> after(kAfterFrames, steady);
        QVERIFY(meter.strength(before, after) < 0.01);
    }

    void noveltyGrowsWithTheRiseAndIsBounded() {
        const NoveltyMeter meter(48000);
        BandEnergy quiet{};
        quiet.fill(1e-6F);
        const std::vector<BandEnergy> before(kBeforeFrames, quiet);
        double last = 0;
        for (const float factor : {2.0F, 4.0F, 16.0F}) {
            BandEnergy loud = quiet;
            for (float& e : loud) e *= factor;
            const double now = meter.strength(before, std::vector<BandEnergy>(kAfterFrames, loud));
            QVERIFY(now > last);
            last = now;
        }
        BandEnergy huge{};
        huge.fill(1.0F);
        QVERIFY(meter.strength(before, std::vector<BandEnergy>(kAfterFrames, huge)) <= 8.0 * kBands);
    }

    void aSuddenStrokeIsTimedToTheSample_data() {
        QTest::addColumn<int>("rate");
        for (const int rate : {44100, 48000, 96000}) QTest::addRow("%d", rate) << rate;
    }
    void aSuddenStrokeIsTimedToTheSample() {
        QFETCH(int, rate);
        const auto ms = [rate](double v) { return static_cast<std::size_t>(v * 1e-3 * rate); };
        for (const std::size_t start : {ms(40.0), ms(40.0) + 7, ms(43.3)}) {
            const auto wave = burstAt(start, ms(30), 0.5, ms(100), rate);
            const auto onset = refineOnset(wave, start + ms(1), wave.size(), rate);
            QVERIFY(onset.has_value());
            // 5 % of a 1 ms window: the definition itself places the onset a twentieth of a millisecond after the
            // start.
            const double errorMs = (onset->sample - static_cast<double>(start)) * 1e3 / rate;
            QVERIFY2(errorMs > -0.02 && errorMs < 0.12, qPrintable(QString::number(errorMs)));
            QVERIFY(onset->contrastDb > 60);
        }
    }

    void aStrokeOverARingingToneIsTimedInAnotherBand() {
        const int rate = 48000;
        auto wave = sine(180, 0.3, 0.1, rate);
        const std::size_t start = 2000;
        const auto stick = sine(6000, 0.05, 0.02, rate);
        for (std::size_t i = 0; i < stick.size(); ++i) wave[start + i] += stick[i];
        const auto onset = refineOnset(wave, start + 24, wave.size(), rate);
        QVERIFY(onset.has_value());
        QVERIFY(std::abs(onset->sample - static_cast<double>(start)) < 0.3 * 48);
    }

    void noRiseIsNoOnset() {
        const std::vector<float> silence(4800, 0.0F);
        QVERIFY(!refineOnset(silence, 2400, silence.size(), 48000).has_value());
        QVERIFY(!refineOnset(silence, 9999, silence.size(), 48000).has_value());
    }

    void levelIsTheLoudestFiveMilliseconds() {
        const auto wave = burstAt(2400, 1440, 0.5, 9600, 48000);
        const double expected = 20 * std::log10(0.5 / std::numbers::sqrt2);
        QVERIFY(std::abs(strokeLevelDb(wave, 2400, wave.size(), 48000) - expected) < 0.1);
    }

    void whatWasRingingIsTakenOff() {
        const int rate = 48000;
        auto wave = sine(1000, 0.1, 0.2, rate);
        for (std::size_t i = 4800; i < 6240; ++i)
            wave[i] += static_cast<float>(0.2 * std::sin(2 * std::numbers::pi * 3170 * static_cast<double>(i) / rate));
        const double alone = 20 * std::log10(0.2 / std::numbers::sqrt2);
        QVERIFY(std::abs(strokeLevelDb(wave, 4800, wave.size(), rate) - alone) < 0.4);
    }

    void silenceHasNoLevel() {
        const std::vector<float> silence(4800, 0.0F);
        QCOMPARE(strokeLevelDb(silence, 1000, silence.size(), 48000), kSilenceDb);
        QCOMPARE(strokeLevelDb(silence, 9000, silence.size(), 48000), kSilenceDb);
        QCOMPARE(peakDb(silence), kSilenceDb);
        QCOMPARE(peakDb({}), kSilenceDb);
        const std::vector<float> half{0.5F, -0.5F};
        QVERIFY(std::abs(peakDb(half) + 6.02) < 0.01);
    }

    void clippingIsSeenAtFullScaleAndBelow() {
        QVERIFY(!isClipped(sine(200, 0.9, 0.02, 48000)));
        auto full = sine(200, 1.6, 0.02, 48000);
        for (float& v : full) v = std::clamp(v, -1.0F, 1.0F);
        QVERIFY(isClipped(full));
        auto lower = sine(200, 1.6, 0.02, 48000);
        for (float& v : lower) v = 0.6F * std::clamp(v, -1.0F, 1.0F);
        QVERIFY(isClipped(lower));
    }
};

QTEST_APPLESS_MAIN(TestSignal)
#include "tst_signal.moc"
