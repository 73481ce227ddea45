// Pages made of dice through every kind of file and back, and through the editor: what a format can hold comes back.
#include <QTest>
#include <random>

#include "random_page.h"
#include "upbeat/formats/exercise_json.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/methods/methods.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/editor.h"
#include "upbeat/music/grid_text.h"

using namespace upbeat;
using namespace upbeat::test;

namespace {

constexpr std::uint64_t kPages = 300;

/// One key of many, chosen by a number.
void press(ExerciseEditor& editor, unsigned key) {
    switch (key % 22) {
        case 0:
            return editor.moveSteps(1);
        case 1:
            return editor.moveSteps(-1);
        case 2:
            return editor.moveBeats(1);
        case 3:
            return editor.moveRows(key % 3 == 0 ? 1 : -1);
        case 4:
            return editor.select(static_cast<int>(key / 22 % 5) - 2);
        case 5:
            return editor.divide(static_cast<int>(key / 22 % 9) + 1);
        case 6:
            return editor.addRow(static_cast<Voice>(key / 22 % kVoiceCount));
        case 7:
            return editor.changeVoice(static_cast<Voice>(key / 22 % kVoiceCount));
        case 8:
            return editor.copy();
        case 9:
            return editor.paste();
        case 10:
            return editor.repeat();
        case 11:
            return editor.cut();
        case 12:
            return editor.mirror();
        case 13:
            return editor.setBars(static_cast<int>(key / 22 % 18));
        case 14:
            return editor.setMeter({static_cast<int>(key / 22 % 15) + 1, key % 2 == 0 ? 4 : 8});
        case 15:
            return editor.changeLevel(key % 2 == 0 ? 1 : -1);
        case 16:
            return editor.toggleOrnament(static_cast<Ornament>(key / 22 % 4 + 1));
        case 17:
            return editor.eraseBefore();
        case 18:
            return editor.undo();
        case 19:
            return editor.redo();
        case 20:
            return editor.toggleSwell(key % 2 == 0);
        default:
            return editor.write(key % 2 == 0 ? Limb::RightHand : Limb::LeftHand, static_cast<Level>(key / 22 % 3));
    }
}

}  // namespace

class TestRoundTrips : public QObject {
    Q_OBJECT
  private Q_SLOTS:
    void pagesComeBackFromTextJsonAndMusicXml() {
        for (std::uint64_t seed = 1; seed <= kPages; ++seed) {
            const Exercise e = randomPage(seed);
            const auto ok = check(e);
            QVERIFY2(ok.has_value(), ok ? "" : ok.error().sentence().c_str());
            const auto text = exerciseFromText(toText(e));
            QVERIFY2(text.has_value() && *text == e, toText(e).c_str());
            QVERIFY2(*exerciseFromJson(toJson(e), "j") == e, toText(e).c_str());
            const auto xml = importPattern(toMusicXml(e), "x");
            QVERIFY2(xml.has_value(), (xml ? "" : xml.error().sentence() + toText(e)).c_str());
            QVERIFY2(xml->exercise == e, (toText(e) + toText(xml->exercise)).c_str());
        }
    }

    /// Straight pages without close ornaments: MIDI holds places, voices and levels.
    void placesComeBackFromMidi() {
        for (std::uint64_t seed = 1; seed <= kPages; ++seed) {
            Exercise e = randomPage(seed);
            e.feel = {};
            e.swells.clear();
            for (Stroke& s : e.strokes) s.ornament = Ornament::None;
            const auto back = importPattern(toMidiBytes(toMidi(e)), "m");
            QVERIFY(back.has_value());
            QCOMPARE(metersOf(back->exercise), metersOf(e));
            QCOMPARE(back->exercise.bars, e.bars);
            QCOMPARE(back->exercise.tempoChanges, e.tempoChanges);
            QCOMPARE(back->exercise.heldBars, e.heldBars);
            // A soft note a hair before a louder one of the same drum is read as its grace note.
            QVERIFY2(back->exercise.strokes.size() + 4 >= e.strokes.size(), toText(e).c_str());
        }
    }

    void stagesOfPagesCanBePlayed() {
        for (std::uint64_t seed = 1; seed <= kPages / 3; ++seed) {
            const Exercise e = randomPage(seed);
            for (const Method method : methodsFor(e))
                for (const PracticeStage& stage : stagesOf(e, method)) {
                    const auto ok = check(stage.exercise);
                    QVERIFY2(ok.has_value(), ok ? "" : (ok.error().sentence() + toText(stage.exercise)).c_str());
                }
        }
    }

    /// Whatever is pressed: the pen stays on the page, nothing breaks, and all of it can be taken back.
    void anyKeysCanBePressed() {
        for (std::uint64_t seed = 1; seed <= 60; ++seed) {
            const Exercise start = randomPage(seed);
            ExerciseEditor editor(start);
            std::mt19937 keys(static_cast<unsigned>(seed));
            for (int i = 0; i < 300; ++i) {
                press(editor, static_cast<unsigned>(keys()));
                const Exercise& now = editor.exercise();
                QVERIFY(!(editor.at() < Beats(0)) && editor.at() < now.length());
                QVERIFY(editor.row() < editor.rows().size());
                QVERIFY(now.bars >= 1 && now.bars <= kMostBars && isSupported(now.meter));
                if (!editor.complaint() && !now.strokes.empty()) {
                    const auto back = exerciseFromText(toText(now));
                    QVERIFY2(back.has_value() && back->strokes == now.strokes, toText(now).c_str());
                }
            }
            while (editor.canUndo()) editor.undo();
            QCOMPARE(editor.exercise(), start);
        }
    }
};

QTEST_APPLESS_MAIN(TestRoundTrips)
#include "tst_round_trips.moc"
