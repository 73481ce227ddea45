// A player who counts aloud, and other sounds that are no strokes: they count for nothing, and strokes stay strokes.
#include <QTest>
#include <cmath>
#include <numbers>
#include <random>

#include "takes.h"
#include "upbeat/align/foreign_sounds.h"
#include "upbeat/music/library.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr double kTempo = 100;

/// A vowel: harmonics under two formants, with the slow beginning of a throat.
void say(std::vector<float>& out, int rate, double timeS, double peak, std::mt19937& random) {
    std::uniform_real_distribution<double> of(0, 1);
    const double pitch = 110 + 60 * of(random);
    const double low = 350 + 400 * of(random);
    const double high = 1100 + 900 * of(random);
    const double lengthS = 0.12 + 0.08 * of(random);
    const double attackS = 0.012 + 0.02 * of(random);
    std::vector<double> sound(static_cast<std::size_t>(lengthS * rate));
    double most = 0;
    for (std::size_t i = 0; i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / rate;
        const double swell = std::min({1.0, t / attackS, (lengthS - t) / 0.04});
        for (int k = 1; k * pitch < 3500; ++k) {
            const double f = k * pitch;
            const double formant =
                std::exp(-std::pow((f - low) / 150, 2)) + 0.4 * std::exp(-std::pow((f - high) / 250, 2)) + 0.02;
            sound[i] += swell * formant * std::sin(2 * std::numbers::pi * f * t * (1 + 0.03 * t));
        }
        most = std::max(most, std::abs(sound[i]));
    }
    const auto from = static_cast<std::size_t>(timeS * rate);
    for (std::size_t i = 0; i < sound.size() && from + i < out.size(); ++i)
        out[from + i] += static_cast<float>(peak * sound[i] / most);
}

double peakOf(const std::vector<float>& samples) {
    float most = 0;
    for (const float v : samples) most = std::max(most, std::abs(v));
    return static_cast<double>(most);
}

/// The take with a word a little beside every beat and every off-beat.
KnownTake countedAloud(KnownTake take, double levelDb, unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> beside(-0.04, 0.02);
    auto& sound = take.rendered.sound;
    const double peak = peakOf(sound.samples) * std::pow(10.0, levelDb / 20);
    const double halfBeatS = 30 / take.tempoBpm;
    for (int i = 0; i < 8 * 8; ++i)
        say(sound.samples, sound.sampleRate, take.frame().firstBeatS + i * halfBeatS + beside(random), peak, random);
    return take;
}

KnownTake played(const char* exercise, std::uint64_t seed, const Character& character = goodPlayer()) {
    Recording recording;
    recording.kitSeed = seed;
    recording.noiseDb = -85;
    const Exercise page = *builtInExercise(exercise);
    return play(page, kTempo, 8 / page.bars, character, seed, recording);
}

HeardTake heardIn(const KnownTake& take) {
    return listenTo(take.rendered.sound.view(), take.rendered.sound.sampleRate);
}

}  // namespace

class TestForeign : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aVoiceCountsForNothing_data() {
        QTest::addColumn<QString>("page");
        QTest::addColumn<double>("levelDb");
        for (const char* page : {"singles-sixteenths", "paradiddle-accents", "ghosted-backbeat"})
            for (const double levelDb : {-30.0, -20.0})
                QTest::addRow("%s %.0f", page, levelDb) << QString::fromUtf8(page) << levelDb;
    }
    void aVoiceCountsForNothing() {
        QFETCH(QString, page);
        QFETCH(double, levelDb);
        const KnownTake quiet = played(page.toUtf8().constData(), 31);
        const KnownTake loud = countedAloud(quiet, levelDb, 5);
        const HeardTake heard = heardIn(loud);
        const MatchedTake before = matchTake(loud.exercise, loud.frame(), heard);
        const MatchedTake after = test::analyze(loud, heard).matched;
        const MatchedTake alone = test::analyze(quiet, heardIn(quiet)).matched;
        QVERIFY2(before.extra.size() >= alone.extra.size() + 6, qPrintable(QString::number(before.extra.size())));
        QVERIFY2(10 * (after.extra.size() - alone.extra.size()) <= 2 * before.extra.size(),
                 qPrintable(QStringLiteral("%1 of %2").arg(after.extra.size()).arg(before.extra.size())));
        // The strokes are as they were.
        QVERIFY(after.missed.size() <= before.missed.size() + 1);
    }

    // Whoever plays too much is told so: those strokes look like the others.
    void strokesTooManyStayStrokes() {
        Character c = goodPlayer();
        c.extraChance = 0.08;
        int before = 0;
        int after = 0;
        for (const std::uint64_t seed : {41U, 42U, 43U, 44U}) {
            const KnownTake take = played("singles-sixteenths", seed, c);
            const HeardTake heard = heardIn(take);
            before += static_cast<int>(matchTake(take.exercise, take.frame(), heard).extra.size());
            after += static_cast<int>(test::analyze(take, heard).matched.extra.size());
        }
        QVERIFY(before >= 20);
        QVERIFY2(after >= 0.9 * before, qPrintable(QStringLiteral("%1 of %2").arg(after).arg(before)));
    }

    void whereThereIsNoSoundNothingIsJudged() {
        Character c = goodPlayer();
        c.extraChance = 0.05;
        const KnownTake take = play(*builtInExercise("singles-sixteenths"), kTempo, 8, c, 3);
        const HeardTake notes(perfectHits(take));
        const MatchedTake matched = matchTake(take.exercise, take.frame(), notes);
        for (const auto& likeness : likenessToStrokes(matched)) QVERIFY(!likeness.has_value());
        QVERIFY(!markForeign(matched, notes));
        // Nor where too little was played to know how strokes look.
        const KnownTake one = play(*builtInExercise("singles-sixteenths"), kTempo, 1, goodPlayer(), 3);
        const HeardTake bar = heardIn(one);
        QVERIFY(!markForeign(matchTake(one.exercise, one.frame(), bar), bar));
    }
};

QTEST_APPLESS_MAIN(TestForeign)
#include "tst_foreign.moc"
