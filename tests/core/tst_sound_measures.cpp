// Closed rolls and stroke quality: measured from sound whose making is known.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "takes.h"
#include "upbeat/music/library.h"
#include "upbeat/music/line.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// Two beats of closed roll in eighths that lead to a stroke on three, then rest.
Exercise rollExercise() {
    Exercise e = *builtInExercise("flam-taps");
    e.id = "roll";
    e.strokes = *strokesFromLine("RLRL >R", Voice::Snare, Beats(0), Beats(1, 2));
    for (std::size_t i = 0; i < 4; ++i) e.strokes[i].ornament = Ornament::ClosedRoll;
    return e;
}

TakeAnalysis listenTo(const KnownTake& take) {
    return analyzeTake(take.exercise, take.frame(),
                       upbeat::listenTo(take.rendered.sound.view(), take.rendered.sound.sampleRate),
                       {Profile(), ladderOf(take.exercise), {}});
}

TakeAnalysis rolled(const Character& c, std::uint64_t seed = 3) {
    return listenTo(play(rollExercise(), 80, 8, c, seed));
}

bool says(const TakeAnalysis& a, FindingKind kind) {
    return std::any_of(a.findings.begin(), a.findings.end(), [kind](const Finding& f) { return f.kind == kind; });
}

}  // namespace

class TestSoundMeasures : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aDenseRollHasNoGapAndItsBouncesAreNoMistakes() {
        const TakeAnalysis a = rolled(goodPlayer());
        QCOMPARE(a.measures.rolls.size(), std::size_t{1});
        const RollPlayed& roll = a.measures.rolls.front();
        QCOMPARE(roll.stroke, 0);
        QCOMPARE(roll.strokes, 4);
        QVERIFY(roll.longestGapMs.has_value());
        QVERIFY2(roll.longestGapMs->value < 40, qPrintable(QString::number(roll.longestGapMs->value)));
        QVERIFY2(std::abs(roll.releaseMs->value) < 40, qPrintable(QString::number(roll.releaseMs->value)));
        QVERIFY(!says(a, FindingKind::Roll));
        QVERIFY2(a.matched.extra.empty(), qPrintable(QString::number(a.matched.extra.size())));
    }

    void aPlantedGapIsMeasured_data() {
        QTest::addColumn<double>("gapMs");
        for (const double gap : {90.0, 130.0, 170.0}) QTest::addRow("%g", gap) << gap;
    }
    void aPlantedGapIsMeasured() {
        QFETCH(double, gapMs);
        Character c = goodPlayer();
        c.rollGapMs = gapMs;
        const TakeAnalysis a = rolled(c);
        const Figure& gap = *a.measures.rolls.front().longestGapMs;
        // The drum rings into the gap for a moment; the next wrist stroke ends it.
        QVERIFY2(gap.value > gapMs - 60 && gap.value < gapMs + 30, qPrintable(QString::number(gap.value)));
        QVERIFY(says(a, FindingKind::Roll));
        QVERIFY(a.measures.rolls.front().rippleDb->value >
                rolled(goodPlayer()).measures.rolls.front().rippleDb->value + 3);
    }

    void widerGapsMeasureWider() {
        double last = 0;
        for (const double gapMs : {80.0, 120.0, 160.0}) {
            Character c = goodPlayer();
            c.rollGapMs = gapMs;
            const double gap = rolled(c, 5).measures.rolls.front().longestGapMs->value;
            QVERIFY2(gap > last + 15, qPrintable(QString::number(gap)));
            last = gap;
        }
    }

    void wristStrokesOfOneHandThatComeLateShowInTheirSpread() {
        Character c = goodPlayer();
        Habit late;
        late.limb = Limb::LeftHand;
        late.offsetMs = 20;
        c.habits = {late};
        const double uneven = rolled(c).measures.rolls.front().wristMs->value;
        const double even = rolled(goodPlayer()).measures.rolls.front().wristMs->value;
        QVERIFY2(uneven > even + 8, qPrintable(QStringLiteral("%1 %2").arg(uneven).arg(even)));
    }

    void withoutSoundNothingIsSaidOfRolls() {
        const KnownTake take = play(rollExercise(), 80, 4, goodPlayer(), 3);
        QVERIFY(analyze(take, perfectHits(take)).measures.rolls.empty());
        QVERIFY(!hasRolls(*builtInExercise("flam-taps")));
        QVERIFY(hasRolls(rollExercise()));
    }

    // ---- stroke quality

    void oneStrokeOnTheRimIsFoundAmongTheOthers() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        KnownTake take{e, 90, perform(e, Bpm(90), 8, goodPlayer(), 4), {}};
        for (PlayedHit& hit : take.performance.hits)
            if (hit.stroke == 5) hit.voice = Voice::CrossStick;
        take.rendered = render(take.performance, 8 * passDurationS(e, Bpm(90)), {});
        const TakeAnalysis a = listenTo(take);
        const auto taps = std::find_if(a.measures.quality.begin(), a.measures.quality.end(),
                                       [](const StrokeQuality& q) { return q.level == Level::Tap; });
        QVERIFY(taps != a.measures.quality.end());
        QVERIFY2(taps->odd.size() >= 7, qPrintable(QString::number(taps->odd.size())));
        for (const OddStroke& odd : taps->odd) QCOMPARE(odd.written.stroke, 5);
        const auto said = std::find_if(a.findings.begin(), a.findings.end(),
                                       [](const Finding& f) { return f.kind == FindingKind::Stroke; });
        QVERIFY(said != a.findings.end());
        QCOMPARE(said->stroke, std::optional<int>(5));
    }

    void evenStrokesAreNotCalledOdd() {
        for (std::uint64_t seed = 1; seed <= 5; ++seed) {
            const KnownTake take = play(*builtInExercise("paradiddle-accents"), 100, 8, goodPlayer(), seed);
            const TakeAnalysis a = listenTo(take);
            QVERIFY(!a.measures.quality.empty());
            for (const StrokeQuality& q : a.measures.quality) QVERIFY(q.odd.size() <= 2);
            QVERIFY(!says(a, FindingKind::Stroke));
        }
    }
};

QTEST_GUILESS_MAIN(TestSoundMeasures)
#include "tst_sound_measures.moc"
