#include <QTest>

#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"
#include "upbeat/music/transform.h"

using namespace upbeat;

namespace {

Exercise of(std::string_view rows) {
    const auto e = exerciseFromText(rows);
    return e ? *e : Exercise{};
}

std::string rowOf(const Exercise& e, std::string_view voice) {
    const std::string text = toText(e);
    const auto from = text.find("\n" + std::string(voice));
    if (from == std::string::npos) return {};
    const auto bar = text.find('|', from);
    return text.substr(bar, text.find('\n', bar) - bar);
}

}  // namespace

class TestTransform : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    /// N3
    void theOtherHandLeads() {
        QCOMPARE(rowOf(mirrored(*builtInExercise("paradiddle-accents")), "snare"),
                 std::string("| >LRLL >RLRR >LRLL >RLRR |"));
        QCOMPARE(workOfLimbs(*builtInExercise("swiss-triplet")), (std::array<int, 4>{8, 4, 0, 0}));
        const Exercise e = *builtInExercise("ghosted-backbeat");
        QCOMPARE(mirrored(mirrored(e)), e);
    }

    /// N1: the same figure as two bars of cut time or one bar of 4/4.
    void barsAreRedrawnWithoutTouchingAStroke() {
        const Exercise cut = of("meter: 2/2\ntempo: 60 to 100 by 4\nsnare | RLRL RLRL | RRLL RRLL |");
        QCOMPARE(cut.bars, 2);
        auto common = rebarred(cut, {4, 4});
        QVERIFY(common.has_value());
        QCOMPARE(common->bars, 2);
        QCOMPARE(common->tempo.start, 120.0);
        QCOMPARE(common->strokes, cut.strokes);
        QCOMPARE(rebarred(*common, {2, 2})->strokes, cut.strokes);
        QCOMPARE(rebarred(*builtInExercise("singles-sixteenths"), {2, 4})->bars, 2);
        const auto odd = rebarred(*builtInExercise("singles-sixteenths"), {3, 4});
        QVERIFY(!odd.has_value() && odd.error().sentence().find("3/4") != std::string::npos);
    }

    /// N4
    void handsMoveByRule() {
        const Exercise e = of("snare | >RLRR >LRLL . . |\nbass drum | F . . . |");
        const Exercise spread = revoiced(e, Revoicing::HandsOnRideAndHat);
        QCOMPARE(rowOf(spread, "ride"), std::string("| >R.RR .R.. . . |"));
        QCOMPARE(rowOf(spread, "hi-hat"), std::string("| .L.. >L.LL . . |"));
        QCOMPARE(rowOf(spread, "bass drum"), std::string("| F . . . |"));
        const Exercise toms = revoiced(e, Revoicing::AccentsToToms);
        QCOMPARE(rowOf(toms, "low tom"), std::string("| >R . . . |"));
        QCOMPARE(rowOf(toms, "high tom"), std::string("| . >L . . |"));
        const Exercise bass = revoiced(e, Revoicing::RightHandToBass);
        QVERIFY2(check(bass).has_value(), "the foot is taken on one");
        QCOMPARE(rowOf(bass, "snare"), std::string("| >RL.. >L.LL . . |"));
        for (const Exercise& any : builtInExercises())
            for (const auto rule : {Revoicing::HandsOnRideAndHat, Revoicing::AccentsToToms, Revoicing::RightHandToBass,
                                    Revoicing::AllOnThePad})
                QVERIFY2(check(revoiced(any, rule)).has_value(), any.id.c_str());
    }

    /// N7
    void accentsAreMadeAndMoved() {
        const Exercise e = *builtInExercise("singles-sixteenths");
        QCOMPARE(rowOf(accentEvery(e, 3, 4), "pad"), std::string("| RL>RL RL>RL RL>RL RL>RL |"));
        QCOMPARE(rowOf(accentEvery(e, 1, 3), "pad"), std::string("| >RLR>L RL>RL R>LRL >RLR>L |"));
        QCOMPARE(rowOf(accentsMoved(accentEvery(e, 1, 4), 1), "pad"), std::string("| R>LRL R>LRL R>LRL R>LRL |"));
        QCOMPARE(accentsMoved(accentEvery(e, 1, 4), -4), accentEvery(e, 1, 4));
        const std::vector<int> shrinking{3, 2, 1};
        QCOMPARE(rowOf(accentRuns(e, shrinking), "pad"), std::string("| >R>L>RL RL>R>L RL>RL >R>L>RL |"));
        QCOMPARE(accentEvery(e, 5, 4), e);
    }

    /// N8
    void groupsMustFillTheBar() {
        Exercise frame = *builtInExercise("singles-sixteenths");
        const std::vector<int> groups{5, 3, 5, 3};
        const std::vector<int> free{1};
        const auto e = grouped(frame, groups, Beats(1, 4), free);
        QVERIFY(e.has_value());
        QCOMPARE(rowOf(*e, "snare"), std::string("| !>RLRL R!>LRL !>RLRL R!>LRL |"));
        QCOMPARE(e->freeSpans, (std::vector<FreeSpan>{{Beats(5, 4), Beats(2)}}));
        const std::vector<int> tooFew{5, 3, 5};
        const auto wrong = grouped(frame, tooFew, Beats(1, 4));
        QVERIFY(!wrong.has_value());
        QVERIFY2(wrong.error().sentence().find("3 too few") != std::string::npos, wrong.error().sentence().c_str());
        QVERIFY(!grouped(frame, std::vector<int>{}, Beats(1, 4)).has_value());
        QVERIFY(!grouped(frame, std::vector<int>{-4, 20}, Beats(1, 4)).has_value());
    }

    /// N6: rolls by their number of strokes, in duple and triplet time.
    void rollsAreCountedByTheirStrokes() {
        Exercise page = *builtInExercise("singles-sixteenths");
        page.strokes.clear();
        const auto roll = [&](int strokes, const Beats& step) {
            const auto e = withRoll(page, Beats(0), Voice::Pad, strokes, step);
            return e ? rowOf(*e, "pad") : e.error().sentence();
        };
        QCOMPARE(roll(5, Beats(1, 4)), std::string("| RRLL >R . . |"));
        QCOMPARE(roll(7, Beats(1, 6)), std::string("| RRLLRR >L . . |"));
        QCOMPARE(roll(9, Beats(1, 8)), std::string("| RRLLRRLL >R . . |"));
        QCOMPARE(roll(10, Beats(1, 8)), std::string("| RRLLRRLL >R>L.. . . |"));
        QCOMPARE(roll(11, Beats(1, 8)), std::string("| RRLLRRLL RR>L..... . . |"));
        for (const int strokes : {3, 5, 6, 7, 9, 10, 11, 13, 15, 17})
            QCOMPARE(withRoll(page, Beats(0), Voice::Pad, strokes, Beats(1, 8))->strokes.size(),
                     static_cast<std::size_t>(strokes));
        QVERIFY(!withRoll(page, Beats(3), Voice::Pad, 11, Beats(1, 8)).has_value());
        QVERIFY(!withRoll(page, Beats(0), Voice::Pad, 1, Beats(1, 8)).has_value());
    }

    /// N11
    void easierVersionsStayLinked() {
        const auto versions = easierVersions(*builtInExercise("groove-funk-ghosts"));
        QCOMPARE(versions.size(), std::size_t{2});
        QCOMPARE(versions[0].what.said(), std::string("no ghosts"));
        QCOMPARE(rowOf(versions[1].exercise, "hi-hat"), std::string("| R R R R |"));
        QCOMPARE(rowOf(versions[1].exercise, "snare"), std::string("| . >L . >L |"));
        QVERIFY(versions[1].exercise.id.starts_with("groove-funk-ghosts~"));
        const auto doubles = easierVersions(*builtInExercise("doubles-sixteenths"));
        QCOMPARE(rowOf(doubles.back().exercise, "pad"), std::string("| RL RL RL RL |"));
        QCOMPARE(easierVersions(*builtInExercise("flam-taps")).front().what.said(), std::string("no ornaments"));
        for (const Exercise& e : builtInExercises())
            for (const EasierVersion& v : easierVersions(e)) {
                QVERIFY2(check(v.exercise).has_value(), v.exercise.id.c_str());
                QVERIFY(v.exercise.strokes.size() <= e.strokes.size());
            }
    }

    /// N10
    void sectionsMakeAForm() {
        const Exercise groove = *builtInExercise("groove-eighths");
        Exercise frame = groove;
        frame.id = "song";
        const Exercise fill = barsOf(*builtInExercise("fill-sixteenths-down"), 2, 2);
        const std::vector<FormPart> sections{{groove, 3}, {fill, 1}};
        const auto form = formOf(frame, sections);
        QVERIFY(form.has_value());
        QCOMPARE(form->bars, 4);
        QCOMPARE(barsOf(*form, 4, 4).strokes, fill.strokes);
        QCOMPARE(barsOf(*form, 2, 3).strokes.size(), 2 * groove.strokes.size());
        const std::vector<FormPart> mixed{{groove, 1}, {*builtInExercise("groove-waltz"), 1}};
        QCOMPARE(metersOf(formOf(frame, mixed).value()), (std::vector<Meter>{{4, 4}, {3, 4}}));
        const std::vector<FormPart> endless{{groove, kMostBars + 1}};
        QVERIFY(!formOf(frame, endless).has_value());
    }
};

QTEST_APPLESS_MAIN(TestTransform)
#include "tst_transform.moc"
