#include <QTest>
#include <cmath>

#include "takes.h"
#include "upbeat/measure/balance.h"
#include "upbeat/measure/groups.h"
#include "upbeat/measure/ornaments.h"
#include "upbeat/measure/swing.h"
#include "upbeat/measure/timing.h"
#include "upbeat/music/library.h"
#include "upbeat/music/written_swing.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

/// A take straight from the player's hits: what is tested here is the measure, not the detection.
MatchedTake taken(const char* id, double tempo, int passes, const Character& c, std::uint64_t seed = 1) {
    const Exercise e = *builtInExercise(id);
    const Performance p = perform(e, Bpm(tempo), passes, c, seed);
    return matchTake(e, {tempo, 1.0, passes * e.bars, 0, false, {}}, hitsOf(p, 1.0));
}

bool holds(const Figure& f, double truth) {
    return f.low <= truth && truth <= f.high;
}

/// How many of 300 simulated takes have the truth inside the interval of a measure.
int coverage(const char* id, const Character& c, double truth,
             const std::function<std::optional<Figure>(const MatchedTake&)>& measure) {
    int inside = 0;
    for (std::uint64_t seed = 1; seed <= 300; ++seed) {
        const auto figure = measure(taken(id, 100, 8, c, seed));
        inside += figure && holds(*figure, truth) ? 1 : 0;
    }
    return inside;
}

}  // namespace

class TestMeasures : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    // ---- timing
    void aSwingThatIsWrittenOutIsMeasuredLikeOneThatIsAFeel() {
        // Ride on every eighth, long-short 1.9 : 1 as in a MIDI file.
        Exercise page;
        page.bars = 2;
        for (int beat = 0; beat < 8; ++beat)
            for (const Beats& at : {Beats(beat), Beats(beat * 960 + 629, 960)}) {
                Stroke stroke;
                stroke.at = at;
                stroke.voice = Voice::Ride;
                page.strokes.push_back(stroke);
            }
        const auto written = writtenSwing(page);
        QVERIFY(written && written->level == SwingLevel::Eighth);
        QVERIFY(std::abs(written->ratio - 629.0 / 331.0) < 1e-9);
        const KnownTake take{page, 120, perform(page, Bpm(120), 8, goodPlayer(), 3), {}};
        const auto asItSounds = analyze(take, perfectHits(take)).measures.swing;
        QVERIFY(asItSounds && asItSounds->ratio);
        QVERIFY(std::abs(asItSounds->ratio->value - 1.9) < 0.06);
        QVERIFY(std::abs(asItSounds->targetRatio - written->ratio) < 1e-9);
        // The same hits against the page with a feel give the same ratio and the same placement.
        KnownTake felt = take;
        felt.exercise = withSwingAsFeel(page, *written);
        QCOMPARE(felt.exercise.strokes[1].at, Beats(1, 2));
        const TakeAnalysis a = analyze(felt, perfectHits(take));
        QVERIFY(std::abs(a.measures.swing->ratio->value - asItSounds->ratio->value) < 1e-6);
        QCOMPARE(a.matched.missed.size(), std::size_t{0});
    }

    void pagesThatOnlyLookSwungAreNot() {
        for (const char* text : {"triplet-accents", "singles-sixteenths", "paradiddle-accents"})
            QVERIFY2(!writtenSwing(*builtInExercise(text)), text);
        Exercise dotted;
        for (const Beats& at : {Beats(0), Beats(3, 4), Beats(1), Beats(7, 4)}) {
            Stroke stroke;
            stroke.at = at;
            dotted.strokes.push_back(stroke);
        }
        QVERIFY(!writtenSwing(dotted));
        QVERIFY(!writtenSwing(*builtInExercise("swung-ride")));
    }

    void placementAndSpreadOfAKnownTake() {
        Character c = machine();
        c.placementMs = -8;
        c.spreadMs = 5;
        const Timing t = measureTiming(taken("paradiddle-accents", 100, 16, c));
        QVERIFY(holds(*t.placementMs, -8));
        QVERIFY(holds(*t.spreadMs, 5));
        QVERIFY(t.placementMs->halfWidth() < 1.5);
    }

    void placementIntervalsAreHonest() {
        Character c = machine();
        c.placementMs = 4;
        c.spreadMs = 6;
        const int inside =
            coverage("singles-sixteenths", c, 4, [](const MatchedTake& m) { return measureTiming(m).placementMs; });
        QVERIFY2(inside >= 276, qPrintable(QString::number(inside)));
    }

    void driftIsFound() {
        Character c = machine();
        c.spreadMs = 4;
        c.driftMsPerMin = 30;
        const Timing t = measureTiming(taken("singles-sixteenths", 120, 24, c, 2));
        QVERIFY2(holds(*t.driftMsPerMin, 30),
                 qPrintable(QStringLiteral("%1 to %2").arg(t.driftMsPerMin->low).arg(t.driftMsPerMin->high)));
        QVERIFY(std::abs(t.driftMsPerBar->value - t.driftMsPerMin->value * 4 / 120) < 1e-9);
    }

    void aHabitIsFoundAtItsCountAndNowhereElse() {
        Character c = machine();
        c.spreadMs = 4;
        c.habits = {{Beats(7, 4), std::nullopt, std::nullopt, std::nullopt, -18, 0, 1}};
        const Timing t = measureTiming(taken("paradiddle-accents", 100, 8, c));
        QCOMPARE(t.habits.size(), std::size_t{16});
        for (const CountHabit& habit : t.habits) {
            if (habit.stroke == 7) {
                QVERIFY(std::abs(habit.offsetMs.value + 18) < 4);
                QCOMPARE(habit.sameSide, 8);
                QCOMPARE(habit.offsetMs.n, 8);
            } else {
                QVERIFY2(std::abs(habit.offsetMs.value) < 6, qPrintable(QString::number(habit.offsetMs.value)));
            }
        }
    }

    void aHabitThatLeansFarIsNoAccident() {
        Character c = machine();
        c.spreadMs = 3;
        c.habits = {{Beats(1), std::nullopt, std::nullopt, std::nullopt, 40, 0, 1}};
        const Timing t = measureTiming(taken("paradiddle-accents", 80, 8, c));
        const auto found =
            std::find_if(t.habits.begin(), t.habits.end(), [](const CountHabit& h) { return h.stroke == 4; });
        QCOMPARE(found->offsetMs.n, 8);
        QVERIFY(found->offsetMs.value > 33);
    }

    void theSharesTellHabitFromWanderFromNerves() {
        Character nerves = machine();
        nerves.spreadMs = 6;
        const Timing a = measureTiming(taken("singles-sixteenths", 100, 16, nerves));
        QVERIFY(a.remainderShare > 0.85);
        Character wander = machine();
        wander.wanderMs = 8;
        wander.spreadMs = 2;
        const Timing b = measureTiming(taken("singles-sixteenths", 100, 16, wander));
        QVERIFY(b.wanderShare > 0.6);
        Character habit = machine();
        habit.spreadMs = 2;
        for (int i = 0; i < 16; i += 2)
            habit.habits.push_back(
                {Beats(i, 4), std::nullopt, std::nullopt, std::nullopt, i % 4 == 0 ? 12.0 : -12.0, 0, 1});
        const Timing h = measureTiming(taken("singles-sixteenths", 100, 16, habit));
        QVERIFY(h.habitShare > 0.8);
        for (const Timing& t : {a, b, h}) QVERIFY(std::abs(t.habitShare + t.wanderShare + t.remainderShare - 1) < 1e-9);
    }

    void anEmptyTakeHasNoFigures() {
        const Timing t =
            measureTiming(matchTake(*builtInExercise("singles-sixteenths"), {100, 1, 2, 0, false, {}}, {}));
        QVERIFY(!t.placementMs && !t.spreadMs && !t.driftMsPerMin && t.habits.empty());
    }

    // ---- groups
    void handsApartAreFoundWithTheirSign() {
        Character c = machine();
        c.spreadMs = 4;
        c.habits = {{std::nullopt, Limb::LeftHand, std::nullopt, std::nullopt, 9, 0, 1}};
        const auto apart = measureApart(taken("singles-sixteenths", 100, 8, c));
        QCOMPARE(apart.size(), std::size_t{1});
        QCOMPARE(apart.front().group, StrokeGroup(Limb::LeftHand));
        QCOMPARE(apart.front().against, StrokeGroup(Limb::RightHand));
        QVERIFY(holds(apart.front().ms, 9));
        QVERIFY(apart.front().ms.low > 4);
    }

    void voicesAreHeldAgainstTheOthers() {
        Character c = machine();
        c.spreadMs = 2;
        c.habits = {{std::nullopt, std::nullopt, Voice::Snare, std::nullopt, -11, 0, 1}};
        const auto apart = measureApart(taken("ghosted-backbeat", 90, 8, c));
        const auto snare = std::find_if(apart.begin(), apart.end(),
                                        [](const Apart& a) { return a.group == StrokeGroup(Voice::Snare); });
        QVERIFY(snare != apart.end());
        QVERIFY(std::abs(snare->ms.value + 11) < 3);
    }

    // ---- swing
    void theSwingRatioIsMeasured_data() {
        QTest::addColumn<double>("ratio");
        for (const double ratio : {1.0, 1.4, 2.0, 2.6}) QTest::addRow("%.1f", ratio) << ratio;
    }
    void theSwingRatioIsMeasured() {
        QFETCH(double, ratio);
        Character c = machine();
        c.spreadMs = 4;
        c.swingRatio = ratio;
        const auto swing = measureSwing(taken("swung-ride", 140, 16, c));
        QVERIFY(swing && swing->ratio);
        QVERIFY2(std::abs(swing->ratio->value - ratio) < 0.08 * ratio,
                 qPrintable(QString::number(swing->ratio->value)));
        QVERIFY(swing->ratio->low < ratio * 1.02 && swing->ratio->high > ratio * 0.98);
        QVERIFY(std::abs(swing->offbeatPercent->value - offbeatPercent(swing->ratio->value)) < 1e-9);
        QCOMPARE(swing->targetRatio, 2.0);
    }

    void aMachineSwingsExactly() {
        const auto swing = measureSwing(taken("swung-ride", 140, 4, machine()));
        QVERIFY(std::abs(swing->ratio->value - 2.0) < 1e-9);
        QCOMPARE(swing->ratio->n, 7);  // the last off-beat has no next beat
    }

    void straightExercisesHaveNoSwing() { QVERIFY(!measureSwing(taken("singles-sixteenths", 100, 2, machine()))); }

    void tooFewBeatsGiveNoRatio() {
        const auto swing = measureSwing(taken("swung-ride", 140, 1, machine()));
        QVERIFY(swing && !swing->ratio);
    }

    // ---- balance
    void gapsBetweenTheLevelsAreMeasured() {
        Character c;
        c.relativeDb = {-20, -11, 0};
        Exercise e = *builtInExercise("paradiddle-accents");
        for (std::size_t i = 0; i < e.strokes.size(); ++i)
            if (i % 4 == 3) e.strokes[i].level = Level::Ghost;
        const Performance p = perform(e, Bpm(100), 12, c, 1);
        const Balance b = measureBalance(matchTake(e, {100, 1.0, 12, 0, false, {}}, hitsOf(p, 1.0)));
        QVERIFY(holds(*b.accentTapGapDb, 11));
        QVERIFY(holds(*b.tapGhostGapDb, 9));
        QVERIFY(holds(*b.accentGhostGapDb, 20));
        QVERIFY(std::abs(b.evennessDb[2]->value - c.levelSpreadDb[2]) < 0.4);
        QVERIFY(b.overlapPercent->value < 1);
    }

    void levelsThatMixAreSeen() {
        Character c;
        c.relativeDb = {-12, -2, 0};
        c.levelSpreadDb = {3, 3, 3};
        const Balance b = measureBalance(taken("paradiddle-accents", 100, 16, c));
        // Two normals 2 dB apart with 3 dB each: P(tap > accent) = Phi(-2 / 4.243) = 31.9 %.
        QVERIFY2(std::abs(b.overlapPercent->value - 31.9) < 6, qPrintable(QString::number(b.overlapPercent->value)));
    }

    void aCountThatIsAlwaysTooLoudIsAHabit() {
        Character c;
        c.habits = {{Beats(3, 4), std::nullopt, std::nullopt, std::nullopt, 0, 9, 1}};
        const Balance b = measureBalance(taken("paradiddle-accents", 100, 8, c));
        const auto loud =
            std::find_if(b.habits.begin(), b.habits.end(), [](const LevelHabit& h) { return h.stroke == 3; });
        QVERIFY(std::abs(loud->againstClassDb.value - 9) < 1.5);
        QVERIFY(loud->outOfClass >= 7);
        QCOMPARE(loud->passes, 8);
        for (const LevelHabit& h : b.habits)
            if (h.stroke != 3) QVERIFY(std::abs(h.againstClassDb.value) < 3);
    }

    void anExerciseOfOneLevelHasNoGaps() {
        const Balance b = measureBalance(taken("singles-sixteenths", 100, 4, {}));
        QVERIFY(b.medianDb[1].has_value());
        QVERIFY(!b.accentTapGapDb && !b.tapGhostGapDb && !b.overlapPercent);
    }

    void anAccentStruckWithSofterStrokesKeepsItsLevel() {
        const Balance b = measureBalance(taken("ghosted-backbeat", 90, 8, machine()));
        QVERIFY(b.accentGhostGapDb.has_value());
        QVERIFY(std::abs(b.accentGhostGapDb->value - 21) < 1e-6);
    }

    void clippedStrokesDoNotCountForLevels() {
        const Exercise e = *builtInExercise("paradiddle-accents");
        auto hits = hitsOf(perform(e, Bpm(100), 4, machine(), 1), 1.0);
        for (std::size_t i = 0; i < hits.size(); i += 16) hits[i].clipped = true, hits[i].levelDb = -40;
        const Balance b = measureBalance(matchTake(e, {100, 1.0, 4, 0, false, {}}, hits));
        QVERIFY(std::abs(b.accentTapGapDb->value - 12) < 1e-6);
        QCOMPARE(b.medianDb[2]->n, 12);
    }

    void soundedLevelIsTheNearestClass() {
        const Balance b = measureBalance(taken("paradiddle-accents", 100, 8, machine()));
        const double accent = b.medianDb[2]->value;
        QCOMPARE(soundedLevel(b, accent - 1, Level::Tap), Level::Accent);
        QCOMPARE(soundedLevel(b, accent - 11, Level::Accent), Level::Tap);
        QCOMPARE(soundedLevel(Balance{}, -10, Level::Ghost), Level::Ghost);
    }

    // ---- ornaments
    void graceNotesAreMeasured() {
        Character c;
        c.graceMs = 32;
        c.graceSpreadMs = 4;
        const auto o = measureOrnaments(taken("flam-taps", 70, 16, c));
        QVERIFY(o.has_value());
        QVERIFY(holds(*o->spacingMs, 32));
        QVERIFY(holds(*o->spacingSpreadMs, 4));
        QVERIFY(std::abs(o->graceLevelDb->value - c.graceDb) < 0.6);
        QCOMPARE(o->written, 16 * 4);
        QVERIFY(o->played >= 60);
    }

    void exercisesWithoutGraceNotesHaveNoOrnaments() {
        QVERIFY(!measureOrnaments(taken("singles-sixteenths", 100, 2, machine())));
    }
};

QTEST_APPLESS_MAIN(TestMeasures)
#include "tst_measures.moc"
