#include <QTest>
#include <functional>
#include <sstream>

#include "upbeat/music/editor.h"
#include "upbeat/music/grid_text.h"
#include "upbeat/music/library.h"

using namespace upbeat;

namespace {

Exercise emptyPage(int bars = 1) {
    Exercise e;
    e.id = "own";
    e.title = "Own";
    e.bars = bars;
    return e;
}

/// Types a line as the keys do: letters for hands, capitals for accents, "." for a rest.
void type(ExerciseEditor& editor, std::string_view keys) {
    for (const char key : keys) {
        if (key == '.') editor.rest();
        if (key == 'r' || key == 'R') editor.write(Limb::RightHand, key == 'R' ? Level::Accent : Level::Tap);
        if (key == 'l' || key == 'L') editor.write(Limb::LeftHand, key == 'L' ? Level::Accent : Level::Tap);
    }
}

/// Rows of the text form, headers left out.
std::string pageOf(const ExerciseEditor& editor) {
    std::string rows;
    std::istringstream lines(toText(editor.exercise()));
    for (std::string line; std::getline(lines, line);)
        if (const auto bar = line.find('|'); bar != std::string::npos) rows += line.substr(bar) + "\n";
    return rows;
}

}  // namespace

class TestEditor : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void aBarOfSixteenthsIsSixteenKeys() {
        ExerciseEditor editor(emptyPage());
        type(editor, "RlrrLrllRlrrLrll");
        QCOMPARE(pageOf(editor), std::string("| >RLRR >LRLL >RLRR >LRLL |\n"));
        QVERIFY(!editor.complaint());
    }

    void beatsAreDividedOneByOne() {
        ExerciseEditor editor(emptyPage());
        editor.divide(3);
        type(editor, "rlr");
        editor.divide(5);
        type(editor, "lrlrl");
        QCOMPARE(editor.at(), Beats(2));
        QCOMPARE(editor.step(), Beats(1, 5));  // the grid of the beat before goes on
        editor.divide(2);
        type(editor, "r.");
        QCOMPARE(pageOf(editor), std::string("| RLR LRLRL R . |\n"));
    }

    void whatDoesNotFitIsSaidAndKept() {
        ExerciseEditor editor(emptyPage());
        type(editor, "rlrl");
        editor.placePen(Beats(0), 0);
        editor.divide(3);
        QVERIFY(editor.complaint().has_value());
        QVERIFY(editor.complaint()->sentence().find("3 parts") != std::string::npos);
        QCOMPARE(editor.exercise().strokes.size(), std::size_t{4});
        editor.divide(4);
        QVERIFY(!editor.complaint());
    }

    void twoStrokesOfOneHandAreSaid() {
        ExerciseEditor editor(emptyPage());
        type(editor, "r");
        editor.addRow(Voice::HiHatClosed);
        editor.placePen(Beats(0), editor.row());
        type(editor, "r");
        QVERIFY(editor.complaint()->sentence().find("right hand") != std::string::npos);
        editor.placePen(Beats(0), editor.row());
        editor.swapHand();
        QVERIFY(!editor.complaint());
    }

    void aBarThatOverflowsIsSaid() {
        ExerciseEditor editor(emptyPage(2));
        type(editor, "rlrlrlrlrlrlrlrlrlrl");
        editor.setBars(1);
        QVERIFY(editor.complaint()->sentence().find("outside the phrase") != std::string::npos);
        QCOMPARE(editor.exercise().strokes.size(), std::size_t{20});
        editor.undo();
        QVERIFY(!editor.complaint());
    }

    void feetTakeTheirRows() {
        ExerciseEditor editor(emptyPage());
        editor.addRow(Voice::Kick);
        type(editor, "r...l...");
        editor.addRow(Voice::HiHatClosed);
        QCOMPARE(editor.rows(), (std::vector<Voice>{Voice::Snare, Voice::HiHatClosed, Voice::Kick}));
        QCOMPARE(editor.voice(), Voice::HiHatClosed);
        QCOMPARE(editor.exercise().strokes.front().limb, Limb::RightFoot);
        QCOMPARE(editor.exercise().strokes.back().limb, Limb::LeftFoot);
    }

    void levelsAndOrnamentsChangeWhatWasJustWritten() {
        ExerciseEditor editor(emptyPage());
        type(editor, "r");
        editor.changeLevel(-1);
        type(editor, "l");
        editor.toggleOrnament(Ornament::Flam);
        editor.changeLevel(1);
        editor.toggleAnchor();
        QCOMPARE(pageOf(editor), std::string("| (R)!f>L.. . . . |\n"));
        editor.toggleOrnament(Ornament::Flam);
        QCOMPARE(editor.exercise().strokes.back().ornament, Ornament::None);
    }

    void spansAreCopiedRepeatedAndMirrored() {
        ExerciseEditor editor(emptyPage());
        type(editor, "Rlrr");
        editor.placePen(Beats(0), 0);
        editor.select(3);
        editor.repeat();
        editor.placePen(Beats(1), 0);
        editor.select(3);
        editor.mirror();
        QCOMPARE(pageOf(editor), std::string("| >RLRR >LRLL . . |\n"));
        editor.clearSelection();
        editor.repeat();  // the bar
        QCOMPARE(editor.exercise().bars, 2);
        QCOMPARE(pageOf(editor), std::string("| >RLRR >LRLL . . | >RLRR >LRLL . . |\n"));
        editor.placePen(Beats(4), 0);
        editor.select(3);
        editor.erase();
        editor.placePen(Beats(0), 0);
        editor.repeat();  // what follows makes room
        QCOMPARE(pageOf(editor), std::string("| >RLRR >LRLL . . | >RLRR >LRLL . . | . >LRLL . . |\n"));
        editor.undo();
        editor.undo();
        editor.undo();
        QCOMPARE(editor.exercise().bars, 1);
        editor.placePen(Beats(0), 0);
        editor.select(3);
        editor.cut();
        editor.placePen(Beats(3), 0);
        editor.paste();
        QCOMPARE(pageOf(editor), std::string("| . >LRLL . >RLRR |\n"));
    }

    void everythingCanBeUndoneAndDoneAgain() {
        ExerciseEditor editor(emptyPage());
        std::vector<Exercise> states{editor.exercise()};
        const std::vector<std::function<void()>> steps{
            [&] { type(editor, "r"); },
            [&] { editor.divide(3); },
            [&] { editor.changeLevel(1); },
            [&] { editor.toggleOrnament(Ornament::Drag); },
            [&] { editor.swapHand(); },
            [&] { editor.addRow(Voice::Ride); },
            [&] { editor.changeVoice(Voice::Crash); },
            [&] { editor.setBars(3); },
            [&] {
                editor.setMeter({3, 4});
            },
            [&] {
                editor.placePen(Beats(3), 0);
                QVERIFY(editor.setMeterOfBar({5, 4}).has_value());
                editor.placePen(Beats(0), 0);
            },
            [&] { editor.toggleDynamic(-16); },
            [&] { editor.mirror(); },
            [&] { editor.toggleSwell(true); },
            [&] { editor.toggleFree(); },
            [&] { editor.repeat(); },
            [&] { editor.selectAll(), editor.erase(); },
            [&] { editor.replace(*builtInExercise("flam-taps")); },
        };
        for (const auto& step : steps) {
            step();
            states.push_back(editor.exercise());
        }
        for (std::size_t i = steps.size(); i-- > 0;) {
            QVERIFY(editor.canUndo());
            editor.undo();
            QCOMPARE(editor.exercise(), states[i]);
        }
        QVERIFY(!editor.canUndo());
        for (std::size_t i = 1; i < states.size(); ++i) {
            editor.redo();
            QCOMPARE(editor.exercise(), states[i]);
        }
        QVERIFY(!editor.canRedo());
    }

    /// N5 and N38: swells and free spans stand over the selection, once.
    void swellsAndFreeSpansAreToggled() {
        ExerciseEditor editor(emptyPage());
        type(editor, "rlrlrlrl");
        editor.placePen(Beats(0), 0);
        editor.select(7);
        editor.toggleSwell(true);
        QCOMPARE(editor.exercise().swells, (std::vector<Swell>{{Beats(0), Beats(2), -20, 0}}));
        editor.toggleSwell(false);
        QCOMPARE(editor.exercise().swells, (std::vector<Swell>{{Beats(0), Beats(2), 0, -20}}));
        editor.toggleSwell(false);
        QVERIFY(editor.exercise().swells.empty());
        editor.toggleDynamic(-20);
        QCOMPARE(editor.exercise().swells, (std::vector<Swell>{{Beats(0), Beats(2), -20, -20}}));
        editor.toggleDynamic(-20);
        QVERIFY(editor.exercise().swells.empty());
        editor.toggleFree();
        QCOMPARE(editor.exercise().freeSpans, (std::vector<FreeSpan>{{Beats(0), Beats(2)}}));
        QVERIFY(!editor.complaint());
        editor.toggleFree();
        QVERIFY(editor.exercise().freeSpans.empty());
    }

    /// N1: the bar of the pen, and no other.
    void oneBarGetsItsOwnMeter() {
        ExerciseEditor editor(emptyPage(3));
        type(editor, "rlrlrlrlrlrlrlrl");
        QVERIFY(editor.setMeterOfBar({7, 8}).has_value());
        QCOMPARE(editor.at(), Beats(4));
        editor.placePen(Beats(0), 0);
        const auto refused = editor.setMeterOfBar({3, 4});
        QVERIFY(!refused.has_value());
        editor.moveBars(1);
        editor.divide(1);
        type(editor, "rlrlrlr");
        QCOMPARE(editor.at(), Beats(15, 2));  // the next bar, a quarter again
        type(editor, "l.l");
        QCOMPARE(pageOf(editor), std::string("| RLRL RLRL RLRL RLRL | R L R L R L R | L . L . |\n"));
        editor.moveBars(-1);
        QCOMPARE(editor.at(), Beats(15, 2));
        editor.moveBars(-1);
        editor.repeat();
        QCOMPARE(metersOf(editor.exercise()), (std::vector<Meter>{{4, 4}, {7, 8}, {7, 8}, {4, 4}}));
        editor.setBars(2);
        QCOMPARE(metersOf(editor.exercise()), (std::vector<Meter>{{4, 4}, {7, 8}}));
        editor.undo();
        editor.moveBeats(-100);
        editor.moveBeats(4 + 7 + 2);
        QCOMPARE(editor.at(), Beats(4) + Beats(7, 2) + Beats(1));
        editor.moveBeats(-3);
        QCOMPARE(editor.at(), Beats(7));
    }

    void thePenStaysOnThePage() {
        ExerciseEditor editor(emptyPage(2));
        editor.moveSteps(-5);
        QCOMPARE(editor.at(), Beats(0));
        editor.moveSteps(1000);
        QCOMPARE(editor.at(), Beats(31, 4));
        editor.moveBeats(-1);
        QCOMPARE(editor.at(), Beats(7));
        editor.moveBeats(-1);
        QCOMPARE(editor.at(), Beats(6));
        editor.moveRows(5);
        QCOMPARE(editor.row(), std::size_t{0});
        editor.setBars(1);
        QCOMPARE(editor.at(), Beats(15, 4));
        for (int i = 0; i < 40; ++i) editor.repeat();
        QCOMPARE(editor.exercise().bars, 1);  // nothing was written, nothing is repeated
    }

    void everyExerciseCanBeEdited() {
        for (const Exercise& e : builtInExercises()) {
            ExerciseEditor editor(e);
            QVERIFY2(!editor.complaint(), e.id.c_str());
            for (int i = 0; i < 200; ++i) editor.moveSteps(1);
            for (int i = 0; i < 200; ++i) editor.moveSteps(-1);
            QCOMPARE(editor.at(), Beats(0));
            QCOMPARE(editor.exercise(), e);
        }
    }
};

QTEST_APPLESS_MAIN(TestEditor)
#include "tst_editor.moc"
