// Pulse, doubles, crescendo, accent runs, counts and groups against players whose faults are known.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "coverage.h"
#include "takes.h"
#include "upbeat/music/library.h"
#include "upbeat/music/transform.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

Exercise named(const char* id) {
    return *builtInExercise(id);
}

Measures measured(const Exercise& e, const Character& c, int passes = 12, std::uint64_t seed = 2) {
    const Performance p = perform(e, Bpm(100), passes, c, seed);
    return measure(matchTake(e, {100, 1.0, passes * e.bars, 0, false, {}}, hitsOf(p, 1.0)));
}

Habit habitAt(const Beats& at, double offsetMs, double levelDb) {
    Habit h;
    h.at = at;
    h.offsetMs = offsetMs;
    h.levelDb = levelDb;
    return h;
}

/// Sixteenths with accents on the first four right-hand strokes.
Exercise accentRun() {
    Exercise e = named("singles-sixteenths");
    for (std::size_t i = 0; i < 8; i += 2) e.strokes[i].level = Level::Accent;
    return e;
}

const GroupRow* rowOf(const Measures& m, Axis axis, int key) {
    const auto found = std::find_if(m.groups.begin(), m.groups.end(),
                                    [&](const GroupRow& r) { return r.axis == axis && r.key == key; });
    return found == m.groups.end() ? nullptr : &*found;
}

}  // namespace

class TestMoreMeasures : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    // Every measure's interval, with the players that ./bench uses; 200 takes allow 93 to 97 % to look like 90 to 99.
    void intervalsHoldTheTruth_data() {
        QTest::addColumn<int>("index");
        const auto cases = bench::coverageCases();
        for (int i = 0; i < static_cast<int>(cases.size()); ++i)
            if (cases[static_cast<std::size_t>(i)].passes <= 8)
                QTest::newRow(cases[static_cast<std::size_t>(i)].measure.c_str()) << i;
    }
    void intervalsHoldTheTruth() {
        QFETCH(int, index);
        const bench::Coverage c = bench::cover(bench::coverageCases()[static_cast<std::size_t>(index)], 200);
        QCOMPARE(c.without, 0);
        QVERIFY2(c.percent() >= 89 && c.percent() <= 99.5, qPrintable(QString::number(c.percent())));
    }

    void aSteadyPulseHasNoChange() {
        QVERIFY(measured(named("singles-sixteenths"), machine()).pulse.empty());
        QVERIFY(measured(named("flam-taps"), machine()).pulse.empty());
    }

    void doublesAreNotSeenWhereHandsAlternate() {
        QVERIFY(!measured(named("singles-sixteenths"), machine()).doubles);
        const Measures m = measured(named("doubles-sixteenths"), machine());
        QCOMPARE(m.doubles->pairs, 8 * 12);
        QVERIFY(std::abs(m.doubles->insideMs->value) < 0.5);
    }

    void aStepBackInACrescendoIsMeasured() {
        Exercise e = named("singles-sixteenths");
        e.swells = {{Beats(0), Beats(15, 4), -20, 0}};
        Character c = machine();
        c.habits = {habitAt(Beats(2), 0, -6)};
        const SwellPlayed s = measured(e, c).swells.front();
        // The dip of 6 dB, less the 1.3 dB by which each stroke should rise.
        QVERIFY2(std::abs(s.largestStepBackDb - (6 - 20.0 / 15)) < 0.1,
                 qPrintable(QString::number(s.largestStepBackDb)));
        QVERIFY(s.fit > 0.85 && s.fit < 0.97);
        QVERIFY(std::abs(s.writtenDbPerBeat - 20 / 3.75) < 1e-9);
        QVERIFY(measured(e, machine()).swells.front().fit > 0.999);
    }

    /// N5: eight beats loud by class, then a bar of p; and two dynamics that are compared with each other.
    void writtenDynamicsAreMeasured() {
        Exercise e =
            formOf(named("paradiddle-accents"), std::vector<FormPart>{{named("paradiddle-accents"), 2}}).value();
        e.swells = {{Beats(4), Beats(8), -20, -20}};
        Exercise louder = e;
        louder.swells.front().fromDb = louder.swells.front().toDb = -13;
        const auto played = [](const Exercise& page, const Exercise& sound) {
            const auto p = perform(sound, Bpm(100), 8, machine(), 3);
            return measure(matchTake(page, {100, 1.0, 16, 0, false, {}}, hitsOf(p, 1.0)));
        };
        const Measures m = played(e, louder);
        QCOMPARE(m.dynamics.size(), std::size_t{1});
        QCOMPARE(m.dynamics.front().writtenDb, -20.0);
        QVERIFY(std::abs(m.dynamics.front().levelDb.value + 13) < 0.1);
        QVERIFY(m.swells.empty());
        // Strokes of the dynamic belong to no class: the balance is that of the first bar.
        const Measures alone = measured(named("paradiddle-accents"), machine());
        QVERIFY(std::abs(m.balance.accentTapGapDb->value - alone.balance.accentTapGapDb->value) < 0.1);
        Exercise two = e;
        two.swells = {{Beats(0), Beats(4), -8, -8}, {Beats(4), Beats(8), -24, -24}};
        Exercise flat = two;
        flat.swells.back().fromDb = flat.swells.back().toDb = -14;
        const auto dynamics = played(two, flat).dynamics;
        QCOMPARE(dynamics.size(), std::size_t{2});
        QVERIFY(std::abs(dynamics[1].levelDb.value - dynamics[0].levelDb.value + 6) < 0.1);
        two.swells.pop_back();
        for (Stroke& s : two.strokes) s.level = Level::Tap;
        QVERIFY(played(two, two).dynamics.empty());  // nothing to compare with
    }

    void anAccentRunThatFadesIsMeasured() {
        Character c = machine();
        for (int i = 0; i < 4; ++i) c.habits.push_back(habitAt(Beats(i, 2), 0, -1.5 * i));
        const auto runs = measured(accentRun(), c).accentRuns;
        QCOMPARE(runs.size(), std::size_t{1});
        QCOMPARE(runs.front().length, 4);
        QVERIFY(std::abs(runs.front().dbPerStroke.value + 1.5) < 0.05);
        QVERIFY(measured(named("paradiddle-accents"), machine()).accentRuns.empty());
    }

    void countsAddUp() {
        Character c = machine();
        c.missChance = c.extraChance = 0.05;
        const Exercise e = named("paradiddle-accents");
        const Measures m = measured(e, c, 16, 5);
        QCOMPARE(m.counts.written, 16 * 16);
        QCOMPARE(m.counts.played + m.counts.missed, m.counts.written);
        QVERIFY(m.counts.missed > 4 && m.counts.extra > 4);
        int surplus = 0;
        for (const int bar : m.counts.surplusByBar) surplus += bar;
        QCOMPARE(surplus, m.counts.extra - m.counts.missed);
    }

    void aStrokeInTheWrongClassIsCounted() {
        Character c = machine();
        c.habits = {habitAt(Beats(1, 4), 0, 11)};
        QCOMPARE(measured(named("paradiddle-accents"), c).counts.wrongClass, 12);
        QCOMPARE(measured(named("paradiddle-accents"), machine()).counts.wrongClass, 0);
    }

    void groupsTellPartialsApart() {
        Character c = machine();
        for (int beat = 0; beat < 4; ++beat) c.habits.push_back(habitAt(Beats(beat) + Beats(3, 4), 9, 0));
        const Measures m = measured(named("singles-sixteenths"), c);
        const GroupRow* fourth = rowOf(m, Axis::Partial, 404);
        const GroupRow* second = rowOf(m, Axis::Partial, 402);
        QVERIFY(fourth != nullptr && second != nullptr);
        QCOMPARE(std::pair(fourth->part.number, fourth->part.of), std::pair(4, 4));
        QVERIFY(std::abs(fourth->offsetMs->value - second->offsetMs->value - 9) < 0.5);
        QVERIFY(rowOf(m, Axis::Voice, static_cast<int>(Voice::Pad)) == nullptr);  // one voice is no comparison
    }

    void theSwingCurveFollowsTheTempo() {
        const Feel curve{SwingLevel::Eighth, 2, true};
        QCOMPARE(feelAt(curve, 100).ratio, 3.5);
        QCOMPARE(feelAt(curve, 200).ratio, 2.25);
        QCOMPARE(feelAt(curve, 300).ratio, 1.0);
        QCOMPARE(feelAt(curve, 30).ratio, 3.5);
        Exercise ride = named("swung-ride");
        ride.feel = curve;
        const Measures m = measured(ride, machine());
        QVERIFY(std::abs(m.swing->ratio->value - 3.5) < 0.02);
        QCOMPARE(m.swing->targetRatio, 3.5);
    }
};

QTEST_APPLESS_MAIN(TestMoreMeasures)
#include "tst_more_measures.moc"
