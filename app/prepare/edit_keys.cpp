#include "prepare/edit_keys.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include "theme/words.h"
#include "upbeat/music/counting.h"

namespace upbeat {

namespace {

using Actions = std::map<int, EditAction>;

int combined(Qt::KeyboardModifiers modifiers, int key) {
    return static_cast<int>(modifiers & (Qt::ShiftModifier | Qt::ControlModifier | Qt::AltModifier)) | key;
}

void addMoves(Actions& keys) {
    const auto moveAway = [](auto move) {
        return EditAction{[move](ExerciseEditor& e) {
            e.clearSelection();
            move(e);
        }};
    };
    keys[Qt::Key_Left] = moveAway([](ExerciseEditor& e) { e.moveSteps(-1); });
    keys[Qt::Key_Right] = moveAway([](ExerciseEditor& e) { e.moveSteps(1); });
    keys[combined(Qt::ControlModifier, Qt::Key_Left)] = moveAway([](ExerciseEditor& e) { e.moveBeats(-1); });
    keys[combined(Qt::ControlModifier, Qt::Key_Right)] = moveAway([](ExerciseEditor& e) { e.moveBeats(1); });
    keys[Qt::Key_Home] = moveAway([](ExerciseEditor& e) { e.placePen(Beats(0), e.row()); });
    keys[Qt::Key_End] = moveAway([](ExerciseEditor& e) { e.placePen(e.exercise().length(), e.row()); });
    keys[Qt::Key_PageUp] = moveAway([](ExerciseEditor& e) { e.moveBars(-1); });
    keys[Qt::Key_PageDown] = moveAway([](ExerciseEditor& e) { e.moveBars(1); });
    keys[Qt::Key_Up] = {[](ExerciseEditor& e) { e.moveRows(-1); }};
    keys[Qt::Key_Down] = {[](ExerciseEditor& e) { e.moveRows(1); }};
    keys[combined(Qt::ShiftModifier, Qt::Key_Left)] = {[](ExerciseEditor& e) { e.select(-1); }};
    keys[combined(Qt::ShiftModifier, Qt::Key_Right)] = {[](ExerciseEditor& e) { e.select(1); }};
    keys[combined(Qt::ControlModifier, Qt::Key_A)] = {[](ExerciseEditor& e) { e.selectAll(); }};
}

void addStrokes(Actions& keys) {
    for (const auto& [key, side] : {std::pair(Qt::Key_R, Limb::RightHand), std::pair(Qt::Key_L, Limb::LeftHand)}) {
        const Limb limb = side;
        keys[key] = {[limb](ExerciseEditor& e) { e.write(limb, Level::Tap); }};
        keys[combined(Qt::ShiftModifier, key)] = {[limb](ExerciseEditor& e) { e.write(limb, Level::Accent); }};
        keys[combined(Qt::AltModifier, key)] = {[limb](ExerciseEditor& e) { e.write(limb, Level::Ghost); }};
    }
    keys[Qt::Key_Period] = {[](ExerciseEditor& e) { e.rest(); }};
    keys[Qt::Key_Delete] = {[](ExerciseEditor& e) { e.erase(); }};
    keys[Qt::Key_Backspace] = {[](ExerciseEditor& e) { e.eraseBefore(); }};
    keys[Qt::Key_Plus] = {[](ExerciseEditor& e) { e.changeLevel(1); }};
    keys[Qt::Key_Minus] = {[](ExerciseEditor& e) { e.changeLevel(-1); }};
    for (const auto& [key, ornament] :
         {std::pair(Qt::Key_F, Ornament::Flam), std::pair(Qt::Key_D, Ornament::Drag),
          std::pair(Qt::Key_U, Ornament::Ruff), std::pair(Qt::Key_Z, Ornament::ClosedRoll)}) {
        const Ornament which = ornament;
        keys[key] = {[which](ExerciseEditor& e) { e.toggleOrnament(which); }};
    }
    keys[Qt::Key_A] = {[](ExerciseEditor& e) { e.toggleAnchor(); }};
    keys[Qt::Key_X] = {[](ExerciseEditor& e) { e.swapHand(); }};
    for (int parts = 1; parts <= 9; ++parts)
        keys[Qt::Key_0 + parts] = {[parts](ExerciseEditor& e) { e.divide(parts); }};
}

void addSpans(Actions& keys) {
    keys[Qt::Key_Less] = {[](ExerciseEditor& e) { e.toggleSwell(true); }};
    keys[Qt::Key_Greater] = {[](ExerciseEditor& e) { e.toggleSwell(false); }};
    keys[Qt::Key_I] = {[](ExerciseEditor& e) { e.toggleFree(); }};
    keys[Qt::Key_M] = {[](ExerciseEditor& e) { e.mirror(); }};
    keys[combined(Qt::ControlModifier, Qt::Key_C)] = {[](ExerciseEditor& e) { e.copy(); }};
    keys[combined(Qt::ControlModifier, Qt::Key_X)] = {[](ExerciseEditor& e) { e.cut(); }};
    keys[combined(Qt::ControlModifier, Qt::Key_V)] = {[](ExerciseEditor& e) { e.paste(); }};
    keys[combined(Qt::ControlModifier, Qt::Key_R)] = {[](ExerciseEditor& e) { e.repeat(); }};
    keys[combined(Qt::ControlModifier, Qt::Key_Z)] = {[](ExerciseEditor& e) { e.undo(); }};
    const EditAction redo{[](ExerciseEditor& e) { e.redo(); }};
    keys[combined(Qt::ControlModifier | Qt::ShiftModifier, Qt::Key_Z)] = redo;
    keys[combined(Qt::ControlModifier, Qt::Key_Y)] = redo;
    keys[Qt::Key_N] = {[](ExerciseEditor& e) { e.addRow(nextUnusedVoice(e, e.voice())); }};
    keys[Qt::Key_V] = {[](ExerciseEditor& e) { e.changeVoice(nextUnusedVoice(e, e.voice())); }};
    keys[combined(Qt::ControlModifier, Qt::Key_B)] = {[](ExerciseEditor& e) { e.setBars(e.exercise().bars + 1); }};
    keys[combined(Qt::ControlModifier | Qt::ShiftModifier, Qt::Key_B)] = {
        [](ExerciseEditor& e) { e.setBars(e.exercise().bars - 1); }};
    for (const int key : {Qt::Key_Return, Qt::Key_Enter, Qt::Key_Escape}) keys[key] = {nullptr, true};
}

const Actions& actions() {
    static const Actions all = [] {
        Actions keys;
        addMoves(keys);
        addStrokes(keys);
        addSpans(keys);
        return keys;
    }();
    return all;
}

}  // namespace

const EditAction* actionFor(const QKeyEvent& event) {
    // These need Shift on some keyboards.
    constexpr std::array kSigns{Qt::Key_Plus, Qt::Key_Period, Qt::Key_Less, Qt::Key_Greater};
    const bool plain = std::find(kSigns.begin(), kSigns.end(), event.key()) != kSigns.end();
    const auto modifiers = plain ? event.modifiers() & ~Qt::KeyboardModifiers(Qt::ShiftModifier) : event.modifiers();
    const auto found = actions().find(combined(modifiers, event.key()));
    return found == actions().end() ? nullptr : &found->second;
}

QList<KeyHint> editKeyHints() {
    return {
        {QStringLiteral("R L"), inWords(UPBEAT_TEXT("right, left; with Shift an accent, with Alt a ghost"))},
        {QStringLiteral("."), inWords(UPBEAT_TEXT("rest"))},
        {QStringLiteral("1 – 9"), inWords(UPBEAT_TEXT("parts of this beat"))},
        {QStringLiteral("+ −"), inWords(UPBEAT_TEXT("louder, softer"))},
        {QStringLiteral("F D U Z"), inWords(UPBEAT_TEXT("flam, drag, ruff, closed roll"))},
        {QStringLiteral("X A"), inWords(UPBEAT_TEXT("other hand; anchor"))},
        {QStringLiteral("N V"), inWords(UPBEAT_TEXT("new row; other voice for this row"))},
        {QStringLiteral("M"), inWords(UPBEAT_TEXT("mirror the hands"))},
        {QStringLiteral("< > I"), inWords(UPBEAT_TEXT("swell, fade; leave it to the player"))},
        {inWords(UPBEAT_TEXT("Ctrl R")), inWords(UPBEAT_TEXT("repeat the bar or the selection"))},
        {inWords(UPBEAT_TEXT("Ctrl C X V")), inWords(UPBEAT_TEXT("copy, cut, paste"))},
        {inWords(UPBEAT_TEXT("Ctrl Z Y")), inWords(UPBEAT_TEXT("undo, redo"))},
        {inWords(UPBEAT_TEXT("Ctrl P")), inWords(UPBEAT_TEXT("hear the bar or the selection"))},
        {inWords(UPBEAT_TEXT("Ctrl B")), inWords(UPBEAT_TEXT("one bar more, with Shift one less"))},
        {inWords(UPBEAT_TEXT("Shift ← →")), inWords(UPBEAT_TEXT("select"))},
        {inWords(UPBEAT_TEXT("Esc")), inWords(UPBEAT_TEXT("done"))},
    };
}

QString penInWords(const ExerciseEditor& editor) {
    const CountedBeat beat = beatAt(editor.exercise(), editor.at());
    const int steps = editor.stepsOfBeat(beat.start);
    const auto step = static_cast<int>(std::lround(ratio(editor.at() - beat.start, beat.length).toDouble() * steps));
    const QString word = QString::fromStdString(countWord(editor.exercise(), beat.number, step, steps));
    const QString count = step == 0        ? inWords(UPBEAT_TEXT("beat %1")).arg(beat.number)
                          : word.isEmpty() ? inWords(UPBEAT_TEXT("beat %1, part %2")).arg(beat.number).arg(step + 1)
                                           : inWords(UPBEAT_TEXT("the %1 of %2")).arg(word).arg(beat.number);
    const QString where =
        inWords(UPBEAT_TEXT("bar %1, %2, %3")).arg(beat.bar).arg(count, inWords(words::nameOf(editor.voice())));
    const Stroke* stroke = editor.stroke();
    if (stroke == nullptr) return inWords(UPBEAT_TEXT("%1: rest")).arg(where);
    return inWords(UPBEAT_TEXT("%1: %2 %3"))
        .arg(where, inWords(words::nameOf(stroke->limb)), inWords(words::nameOf(stroke->level)));
}

Voice nextUnusedVoice(const ExerciseEditor& editor, Voice after) {
    constexpr std::array kOrder{
        Voice::Snare,      Voice::Kick,    Voice::HiHatClosed, Voice::HiHatOpen, Voice::HiHatFoot, Voice::Ride,
        Voice::RideBell,   Voice::Crash,   Voice::CrashChoked, Voice::TomHigh,   Voice::TomMid,    Voice::TomLow,
        Voice::CrossStick, Voice::RimShot, Voice::HiHatLoose,  Voice::SnareEdge, Voice::Pad};
    const auto from = std::find(kOrder.begin(), kOrder.end(), after) - kOrder.begin();
    const auto& rows = editor.rows();
    for (std::size_t i = 1; i <= kOrder.size(); ++i) {
        const Voice voice = kOrder[(static_cast<std::size_t>(from) + i) % kOrder.size()];
        if (std::find(rows.begin(), rows.end(), voice) == rows.end()) return voice;
    }
    return after;
}

}  // namespace upbeat
