#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include "upbeat/music/bars.h"

namespace upbeat {

/// An exercise while it is being written: the pen that stands on a step of a row, the selection, and every earlier
/// state. Any key does what it says, even where the result cannot be played; `complaint` says so at once, and nothing
/// is changed silently.
class ExerciseEditor {
  public:
    explicit ExerciseEditor(Exercise exercise);

    [[nodiscard]] const Exercise& exercise() const { return m_now.exercise; }
    /// What cannot be played or does not fit, nothing when all is well.
    [[nodiscard]] std::optional<Error> complaint() const;

    // The pen.
    [[nodiscard]] const Beats& at() const { return m_at; }
    /// Rows from top to bottom: every voice that is written, and those added.
    [[nodiscard]] const std::vector<Voice>& rows() const { return m_now.rows; }
    [[nodiscard]] std::size_t row() const { return m_row; }
    [[nodiscard]] Voice voice() const { return m_now.rows[m_row]; }
    [[nodiscard]] Beats step() const;
    /// The stroke under the pen.
    [[nodiscard]] const Stroke* stroke() const;
    void moveSteps(int steps);
    void moveBeats(int beats);
    void moveBars(int bars);
    void moveRows(int rows);
    void placePen(const Beats& at, std::size_t row);

    // The selection: whole steps of every row, [from, to). Without one, the bar of the pen is meant.
    void select(int steps);
    void selectAll();
    void clearSelection() { m_selection.reset(); }
    [[nodiscard]] std::optional<FreeSpan> selection() const { return m_selection; }
    /// The selection or, without one, the bar of the pen.
    [[nodiscard]] FreeSpan span() const;

    // Writing. All of these can be undone.
    /// Writes a stroke under the pen and goes on a step. Rows for the feet take the foot of that side.
    void write(Limb side, Level level);
    void rest();
    void erase();
    void eraseBefore();
    /// The stroke under the pen or, where there is none, the one just written.
    void changeLevel(int steps);
    void toggleOrnament(Ornament ornament);
    void toggleAnchor();
    void swapHand();
    /// Divides the beat under the pen, and the empty ones behind it; strokes that do not fall on the new steps stay and
    /// are complained about.
    void divide(int parts);
    void addRow(Voice voice);
    /// Gives everything in the row to another voice.
    void changeVoice(Voice voice);
    /// Every stroke of the selection to the other hand or foot.
    void mirror();
    /// A crescendo or diminuendo over the selection, or none where the same stands there already.
    void toggleSwell(bool rises);
    /// A written dynamic over the selection, in dB against the accent; none where it stands there already.
    void toggleDynamic(double db);
    /// Leaves the selection to the player, but for its anchors; or takes that back.
    void toggleFree();
    /// Leaves it to the player but for its anchors and the number of its notes (1 or more; 0: any number).
    void askFreeNotes(int notes);
    void copy();
    void cut();
    void paste();
    /// Writes the selection once more behind itself; bars are added as needed, up to kMostBars. Behind whole bars what
    /// follows makes room; behind less it is written over, as by paste.
    void repeat();
    void setBars(int bars);
    /// Of every bar: the bar lines move, the strokes stay.
    void setMeter(const Meter& meter);
    /// Of the bar of the pen: see withBarIn.
    Result<void> setMeterOfBar(const Meter& meter);
    /// Title, feel, tempo, swells and all else that is not a stroke.
    void describe(const Exercise& frame);
    void replace(Exercise exercise);

    [[nodiscard]] bool canUndo() const { return !m_undo.empty(); }
    [[nodiscard]] bool canRedo() const { return !m_redo.empty(); }
    void undo();
    void redo();

    /// Steps the beat that begins there has.
    [[nodiscard]] int stepsOfBeat(const Beats& start) const;

  private:
    struct State {
        Exercise exercise;
        std::vector<Voice> rows;
        std::vector<int> divisions;  // steps of every beat
    };

    void change(const std::function<void(State&)>& edit);
    void divideAsFollowed();
    void toggle(const Swell& wanted);
    [[nodiscard]] CountedBeat beat(const Beats& at) const;
    [[nodiscard]] CountedBeat beatBefore(const Beats& start) const;
    [[nodiscard]] Beats stepAfter(const Beats& at) const;
    [[nodiscard]] Beats stepBefore(const Beats& at) const;
    void pasteInto(State& state, const Beats& at) const;
    [[nodiscard]] Stroke* find(Exercise& exercise, const Beats& at) const;
    /// The stroke meant by a key that changes one: see changeLevel.
    [[nodiscard]] Stroke* meant(Exercise& exercise) const;
    void keepInside();

    State m_now;
    std::vector<State> m_undo;
    std::vector<State> m_redo;
    Beats m_at;
    std::size_t m_row = 0;
    std::optional<FreeSpan> m_selection;
    Beats m_selectionStart;
    std::vector<Stroke> m_clipboard;  // positions from the start of what was copied
    Beats m_clipboardLength;
};

}  // namespace upbeat
