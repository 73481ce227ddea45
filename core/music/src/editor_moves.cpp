// Where the pen stands, and how it moves: on the page and back in time.
#include <algorithm>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/editor.h"
#include "upbeat/music/line.h"

namespace upbeat {

CountedBeat ExerciseEditor::beat(const Beats& at) const {
    return beatAt(m_now.exercise, at);
}

CountedBeat ExerciseEditor::beatBefore(const Beats& start) const {
    const auto beats = beatsOf(m_now.exercise);
    const std::size_t index = std::min(beat(start).index, beats.size());
    return beats[index > 0 ? index - 1 : 0];
}

int ExerciseEditor::stepsOfBeat(const Beats& start) const {
    return m_now.divisions[std::min(beat(start).index, m_now.divisions.size() - 1)];
}

Beats ExerciseEditor::step() const {
    return beat(m_at).length / stepsOfBeat(m_at);
}

Beats ExerciseEditor::stepAfter(const Beats& at) const {
    const CountedBeat here = beat(at);
    const int steps = stepsOfBeat(here.start);
    for (int i = 1; i <= steps; ++i)
        if (const Beats next = here.start + here.length * i / steps; next > at) return next;
    return here.end();
}

Beats ExerciseEditor::stepBefore(const Beats& at) const {
    if (!(Beats(0) < at)) return Beats(0);
    CountedBeat here = beat(at);
    if (here.start == at) here = beatBefore(at);
    const int steps = stepsOfBeat(here.start);
    for (int i = steps - 1; i > 0; --i)
        if (const Beats before = here.start + here.length * i / steps; before < at) return before;
    return here.start;
}

void ExerciseEditor::moveSteps(int steps) {
    for (; steps > 0; --steps) m_at = stepAfter(m_at);
    for (; steps < 0; ++steps) m_at = stepBefore(m_at);
    keepInside();
}

void ExerciseEditor::moveBeats(int beats) {
    const Beats start = beat(m_at).start;
    if (beats < 0 && start < m_at) ++beats;  // first to the start of this beat
    m_at = start;
    for (; beats > 0; --beats) m_at = beat(m_at).end();
    for (; beats < 0 && Beats(0) < m_at; ++beats) m_at = beatBefore(m_at).start;
    keepInside();
}

void ExerciseEditor::moveBars(int bars) {
    const Bar here = barAt(m_now.exercise, m_at);
    if (bars < 0 && here.start < m_at) ++bars;  // first to the start of this bar
    m_at = barOf(m_now.exercise, std::max(1, here.number + bars)).start;
    keepInside();
}

void ExerciseEditor::moveRows(int rows) {
    const auto last = static_cast<int>(m_now.rows.size()) - 1;
    m_row = static_cast<std::size_t>(std::clamp(static_cast<int>(m_row) + rows, 0, last));
}

void ExerciseEditor::placePen(const Beats& at, std::size_t row) {
    m_at = at;
    m_row = std::min(row, m_now.rows.size() - 1);
    keepInside();
}

void ExerciseEditor::keepInside() {
    if (m_at < Beats(0)) m_at = Beats(0);
    if (m_at >= m_now.exercise.length()) m_at = stepBefore(m_now.exercise.length());
    m_row = std::min(m_row, m_now.rows.size() - 1);
}

void ExerciseEditor::select(int steps) {
    if (!m_selection) m_selectionStart = m_at;
    moveSteps(steps);
    const auto [from, to] = std::minmax(m_selectionStart, m_at);
    m_selection = FreeSpan{from, stepAfter(to)};
}

void ExerciseEditor::selectAll() {
    m_selectionStart = Beats(0);
    m_selection = FreeSpan{Beats(0), m_now.exercise.length()};
}

FreeSpan ExerciseEditor::span() const {
    if (m_selection) return *m_selection;
    const Bar bar = barAt(m_now.exercise, m_at);
    return {bar.start, bar.end()};
}

void ExerciseEditor::undo() {
    if (m_undo.empty()) return;
    m_redo.push_back(std::move(m_now));
    m_now = std::move(m_undo.back());
    m_undo.pop_back();
    keepInside();
}

void ExerciseEditor::redo() {
    if (m_redo.empty()) return;
    m_undo.push_back(std::move(m_now));
    m_now = std::move(m_redo.back());
    m_redo.pop_back();
    keepInside();
}

}  // namespace upbeat
