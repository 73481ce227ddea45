#include <QTest>

#include "takes.h"
#include "upbeat/methods/drill.h"
#include "upbeat/methods/methods.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/click_plan.h"
#include "upbeat/music/counting.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/music/page.h"
#include "upbeat/music/transform.h"
#include "upbeat/player/perform.h"
#include "upbeat/take/analyze_take.h"
#include "upbeat/words/words.h"

using namespace upbeat;

namespace {

/// A bar of 4/4, one of 7/8, one of 6/8, one of 4/4: 4 + 3.5 + 3 + 4 quarters.
Exercise mixed() {
    const auto e = exerciseFromText(
        "title: Mixed\nmeter: 4/4\nmeter: 7/8 from bar 2\nmeter: 6/8 from bar 3\nmeter: 4/4 from bar 4\nbars: 4\n"
        "tempo: 60 to 100 by 4\n"
        "snare | >RL RL RL RL | >R L R L R L R | >RLR LRL | >RL RL RL R. |");
    return e ? *e : Exercise{};
}

}  // namespace

/// A phrase whose meter changes (N1): every part of the program that thinks in bars and beats.
class TestMeters : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void barsAndBeatsFollowTheMeter() {
        const Exercise e = mixed();
        QCOMPARE(e.bars, 4);
        QCOMPARE(e.length(), Beats(29, 2));
        QCOMPARE(barOf(e, 3).start, Beats(15, 2));
        QCOMPARE(barAt(e, Beats(7)).number, 2);
        QCOMPARE(barAt(e, Beats(15, 2)).number, 3);
        QCOMPARE(placeOf(e, Beats(9)), (CountPlace{3, Beats(2)}));
        QCOMPARE(placeOf(e, Beats(5)), (CountPlace{2, Beats(3)}));
        const auto beats = beatsOf(e);
        QCOMPARE(beats.size(), std::size_t{4 + 7 + 2 + 4});
        for (const CountedBeat& beat : beats) {
            const CountedBeat same = beatAt(e, beat.start + beat.length / 3);
            QCOMPARE(same.index, beat.index);
            QCOMPARE(same.number, beat.number);
            QCOMPARE(same.start, beat.start);
        }
        QVERIFY(isBarLine(e, Beats(4)) && isBarLine(e, e.length()) && !isBarLine(e, Beats(8)));
        QCOMPARE(metersInWords(e), std::string("4/4, 7/8, 6/8"));
    }

    void metersAreGivenAndTakenByBar() {
        Exercise e = mixed();
        const auto meters = metersOf(e);
        QCOMPARE(meters, (std::vector<Meter>{{4, 4}, {7, 8}, {6, 8}, {4, 4}}));
        setMeters(e, meters);
        QCOMPARE(e, mixed());
        setMeters(e, {{3, 4}, {3, 4}});
        QVERIFY(e.meterChanges.empty());
    }

    void impossibleChangesAreRefused_data() {
        QTest::addColumn<int>("bar");
        QTest::addColumn<int>("unit");
        QTest::newRow("the first bar") << 1 << 4;
        QTest::newRow("behind the last") << 5 << 4;
        QTest::newRow("twice") << 4 << 4;
        QTest::newRow("no meter") << 3 << 5;
    }
    void impossibleChangesAreRefused() {
        QFETCH(int, bar);
        QFETCH(int, unit);
        Exercise e = mixed();
        e.meterChanges.back() = {4, {4, 4}};
        e.meterChanges.push_back({bar, {4, unit}});
        QVERIFY(!check(e).has_value());
    }

    void theTextFormNamesTheBar() {
        const Exercise e = mixed();
        QCOMPARE(exerciseFromText(toText(e)).value(), e);
        QVERIFY(toText(e).find("meter: 7/8 from bar 2\n") != std::string::npos);
        const auto wrong = exerciseFromText("bars: 2\nmeter: 3/4 from bar 2\nsnare | R R R R | R R R R |");
        QVERIFY(!wrong.has_value());
        QCOMPARE(wrong.error().what.said(), std::string("the bar has 4 beats, 3 belong in 3/4"));
    }

    void everyBarIsCountedInItsBeats() {
        QStringList words;
        for (const CountColumn& column : countColumns(mixed()))
            if (column.onBeat) words << QString::fromStdString(column.word);
        QCOMPARE(words.join(QLatin1Char(' ')), QStringLiteral("1 2 3 4 1 2 3 4 5 6 7 1 2 1 2 3 4"));
        QCOMPARE(words::placeOf(mixed(), 8 + 7 + 3).said(), std::string("beat 2 in bar 3"));
    }

    /// Quarter notes keep their length: at 60 the eighths of 7/8 click twice as fast, the dotted quarters slower.
    void theClickFollowsTheMeter() {
        ClickPlan plan = clickFor(mixed(), Bpm(60));
        QCOMPARE(plan.firstBeat().value(), 4.0);
        QList<double> times;
        QList<double> bars;
        for (const Click& click : clicksBetween(plan, 0, 4 + 2 * 14.5)) {
            times << click.timeS - 4;
            if (click.kind == ClickKind::Bar) bars << click.timeS - 4;
        }
        QCOMPARE(times.size(), 4 + 2 * 17);
        QCOMPARE(times.mid(8, 10), (QList<double>{4, 4.5, 5, 5.5, 6, 6.5, 7, 7.5, 9, 10.5}));
        QCOMPARE(bars, (QList<double>{-4, 0, 4, 7.5, 10.5, 14.5, 18.5, 22, 25}));
        plan.silent.on = 1;
        plan.silent.off = 1;
        for (const Click& click : clicksBetween(plan, 4, 18.5))
            QVERIFY(click.timeS < 8 || (click.timeS >= 11.5 && click.timeS < 14.5));
    }

    void stretchesOfAChangingClickMeet() {
        ClickPlan plan = clickFor(mixed(), Bpm(93));
        plan.subdivision = 2;
        plan.swing = 1.7;
        plan.offBeats = true;
        std::int64_t next = 0;
        double last = -1;
        for (double t = 0; t < 40; t += 0.31)
            for (const Click& click : clicksBetween(plan, t, t + 0.31)) {
                QCOMPARE(click.index, next++);
                QVERIFY(click.timeS > last);
                last = click.timeS;
            }
        QVERIFY(next > 80);
    }

    void barsOfATakeAreCountedInTime() {
        const Exercise e = mixed();
        QCOMPARE(barStartS(e, Bpm(60), 4), 14.5);
        QCOMPARE(barStartS(e, Bpm(60), 6), 14.5 + 7.5);
        for (int bar = 0; bar < 11; ++bar)
            QVERIFY(std::abs(barsBefore(e, Bpm(77), barStartS(e, Bpm(77), bar) + 1e-9) - bar) < 1e-6);
        QVERIFY(std::abs(barsBefore(e, Bpm(60), 14.5 + 4 + 1.75) - 5.5) < 1e-9);
    }

    /// What a bar line cuts off is straight, and every bar begins on its beat.
    void swingStartsAnewWithEveryBar() {
        const Exercise e = mixed();
        const Feel feel{SwingLevel::Eighth, 2.0};
        QCOMPARE(soundingQuarter(e, Beats(9, 2), feel), 4 + 2.0 / 3);
        QCOMPARE(soundingQuarter(e, Beats(7), feel), 7.0);
        QCOMPARE(soundingQuarter(e, Beats(29, 4), feel), 7.25);
        QCOMPARE(soundingQuarter(e, Beats(15, 2), feel), 7.5);
        QCOMPARE(soundingQuarter(e, Beats(8), feel), 7.5 + 2.0 / 3);
    }

    /// Rendered from the page, measured against the page: nothing is missed, nothing is too many, nothing leans.
    void aTakeIsMeasuredAcrossTheChanges() {
        const Exercise e = mixed();
        Character exact;
        exact.spreadMs = 3;
        exact.placementMs = 7;
        const auto played = perform(e, Bpm(80), 6, exact, 5);
        const auto hits = test::hitsOf(played, 1);
        QCOMPARE(barsPlayed(e, 80, 1, hits), 24);
        const auto analysis = analyzeTake(e, {80, 1, 24, 0, false, {}}, {hits, {}}, {Profile(), ladderOf(e), {}});
        QCOMPARE(analysis.matched.passes, 6);
        QVERIFY(analysis.matched.missed.empty() && analysis.matched.extra.empty());
        QVERIFY(std::abs(analysis.measures.timing.placementMs->value - 7) < 1.5);
        QCOMPARE(analysis.measures.counts.surplusByBar.size(), std::size_t{24});
    }

    void oneBarIsPutInAnotherMeter() {
        const Exercise before = *builtInExercise("paradiddle-accents");
        const std::vector<FormPart> twice{{before, 3}};
        const Exercise e = formOf(before, twice).value();
        const auto wide = withBarIn(e, 2, {5, 4});
        QVERIFY(wide.has_value());
        QCOMPARE(metersOf(*wide), (std::vector<Meter>{{4, 4}, {5, 4}, {4, 4}}));
        QCOMPARE(barsOf(*wide, 3, 3).strokes, before.strokes);
        QCOMPARE(withBarIn(*wide, 2, {4, 4}).value(), e);
        const auto narrow = withBarIn(e, 2, {3, 4});
        QVERIFY(!narrow.has_value());
        QCOMPARE(narrow.error().fix.said(), std::string("remove them first"));
        QVERIFY(!withBarIn(e, 1, {7, 8}).has_value());
        Exercise spans = e;
        spans.strokes.resize(before.strokes.size());
        spans.swells = {{Beats(4), Beats(8), -20, 0}, {Beats(8), Beats(9), -20, 0}};
        spans.freeSpans = {{Beats(7), Beats(8)}};
        const auto cut = withBarIn(spans, 2, {3, 4});
        QVERIFY(cut.has_value());
        QCOMPARE(cut->swells, (std::vector<Swell>{{Beats(4), Beats(7), -20, 0}, {Beats(7), Beats(8), -20, 0}}));
        QVERIFY(cut->freeSpans.empty());
    }

    /// A bar in other beats keeps its speed: 100 quarters are 200 eighths.
    void partsCountTheirOwnBeats() {
        const Exercise odd = barsOf(mixed(), 2, 2);
        QCOMPARE(odd.meter, (Meter{7, 8}));
        QCOMPARE(odd.tempo, (TempoPlan{120, 200, 8}));
        QVERIFY(check(odd).has_value());
        const std::vector<FormPart> sections{{barsOf(mixed(), 1, 1), 2}, {odd, 1}};
        const auto form = formOf(mixed(), sections);
        QVERIFY(form.has_value());
        QCOMPARE(metersOf(*form), (std::vector<Meter>{{4, 4}, {4, 4}, {7, 8}}));
        const std::vector<FormPart> reversed{{odd, 1}, {barsOf(mixed(), 1, 1), 1}};
        QVERIFY(!formOf(mixed(), reversed).has_value());
        const Exercise drill = drillFor(mixed(), {3, Beats(2), Beats(3)});
        QCOMPARE(drill.meter, (Meter{6, 8}));
        QCOMPARE(drill.length(), Beats(3));
        QCOMPARE(drill.strokes.size(), std::size_t{4});  // three of the beat and the one they lead to
        QCOMPARE(drill.strokes.front().at, Beats(0));
    }

    void itIsTakenApartInEveryWay() {
        const Exercise e = mixed();
        const auto ways = methodsFor(e);
        QVERIFY(ways.size() >= 5);
        for (const Method way : ways)
            for (const PracticeStage& stage : stagesOf(e, way, {2, Beats(3), Beats(4)}))
                QVERIFY2(check(stage.exercise).has_value(), stage.exercise.title.c_str());
    }
};

QTEST_APPLESS_MAIN(TestMeters)
#include "tst_meters.moc"
