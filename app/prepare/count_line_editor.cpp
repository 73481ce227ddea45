#include "prepare/count_line_editor.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

#include "prepare/edit_keys.h"
#include "theme/theme.h"
#include "upbeat/music/bars.h"

namespace upbeat {

CountLineEditor::CountLineEditor(QWidget* parent) : CountLine(parent) {}

void CountLineEditor::open(const Exercise& exercise) {
    m_editor = std::make_unique<ExerciseEditor>(exercise);
    setFolded(false);
    setFocusPolicy(Qt::StrongFocus);
    setFocus();
    setExercise(exercise);
    refresh();
}

void CountLineEditor::close() {
    m_editor.reset();
    setFocusPolicy(Qt::NoFocus);
    setExercise(exercise());
}

void CountLineEditor::edit(const std::function<void(ExerciseEditor&)>& change) {
    if (!isOpen()) return;
    change(*m_editor);
    refresh();
    Q_EMIT changed();
}

double CountLineEditor::placeOfBeat(const Beats& at) const {
    return at.toDouble() / m_editor->exercise().length().toDouble();
}

/// Every step of every beat with its word: what can be written on, not what is written.
std::vector<FieldColumn> CountLineEditor::columns() const {
    std::vector<FieldColumn> list;
    const Exercise& e = m_editor->exercise();
    for (const CountedBeat& beat : beatsOf(e)) {
        const int steps = m_editor->stepsOfBeat(beat.start);
        for (int i = 0; i < steps; ++i)
            list.push_back({placeOfBeat(beat.start + beat.length * i / steps),
                            QString::fromStdString(countWord(e, beat.number, i, steps)), i == 0,
                            i == 0 && beat.number == 1});
    }
    return list;
}

void CountLineEditor::refresh() {
    showState(m_editor->exercise(), columns());
    showBar(barAt(m_editor->exercise(), m_editor->at()).number - 1);
    setAccessibleDescription(penInWords(*m_editor));
}

bool CountLineEditor::event(QEvent* event) {
    // Letters belong to the page while it is written on, not to the keys of the place.
    if (event->type() == QEvent::ShortcutOverride && isOpen() &&
        actionFor(*static_cast<QKeyEvent*>(event)) != nullptr) {
        event->accept();
        return true;
    }
    return CountLine::event(event);
}

void CountLineEditor::keyPressEvent(QKeyEvent* event) {
    const EditAction* action = isOpen() ? actionFor(*event) : nullptr;
    if (action == nullptr) {
        CountLine::keyPressEvent(event);
        return;
    }
    if (action->leaves)
        Q_EMIT left();
    else
        edit(action->change);
}

void CountLineEditor::mousePressEvent(QMouseEvent* event) {
    if (!isOpen()) return;
    const double place = placeAt(event->position().x()) * m_editor->exercise().length().toDouble();
    constexpr std::int64_t kParts = 1000;
    const CountedBeat beat =
        beatAt(m_editor->exercise(), {std::max<std::int64_t>(0, std::llround(place * kParts)), kParts});
    const int steps = m_editor->stepsOfBeat(beat.start);
    const auto nearest = std::llround((place - beat.start.toDouble()) / beat.length.toDouble() * steps);
    std::size_t row = 0;
    while (row + 1 < m_editor->rows().size() && event->position().y() > rowRect(row).bottom()) ++row;
    edit([&](ExerciseEditor& editor) {
        editor.clearSelection();
        editor.placePen(beat.start + beat.length * nearest / steps, row);
    });
}

/// A right stroke where nothing stands; what stands there goes through the levels and away.
void CountLineEditor::mouseDoubleClickEvent(QMouseEvent* /*event*/) {
    edit([](ExerciseEditor& editor) {
        const Beats at = editor.at();
        const Stroke* here = editor.stroke();
        if (here == nullptr)
            editor.write(Limb::RightHand, Level::Tap);
        else if (here->level == Level::Ghost)
            editor.erase();
        else if (here->level == Level::Accent)
            editor.changeLevel(-2);
        else
            editor.changeLevel(1);
        editor.placePen(at, editor.row());
    });
}

std::vector<Voice> CountLineEditor::voices() const {
    return isOpen() ? m_editor->rows() : CountLine::voices();
}

void CountLineEditor::paintMarks(QPainter& painter) const {
    if (!isOpen()) return;
    const Theme& theme = Theme::of(palette());
    const auto band = [&](const Beats& from, const Beats& to) {
        const double lead = 0.5 * (x(placeOfBeat(from + m_editor->step())) - x(placeOfBeat(from)));
        return std::pair(x(placeOfBeat(from)) - lead, x(placeOfBeat(to)) - lead);
    };
    painter.setPen(Qt::NoPen);
    if (const auto selection = m_editor->selection()) {
        const auto [from, to] = band(selection->from, selection->to);
        QColor chosen = theme.early;
        chosen.setAlphaF(0.12F);
        painter.setBrush(chosen);
        painter.drawRect(QRectF(from, 6, to - from, height() - 12));
    }
    const auto [from, to] = band(m_editor->at(), m_editor->at() + m_editor->step());
    const QRectF row = rowRect(m_editor->row());
    QColor pen = theme.early;
    pen.setAlphaF(0.22F);
    painter.setBrush(pen);
    painter.setPen(QPen(theme.early, hasFocus() ? 2 : 1));
    painter.drawRoundedRect(QRectF(from, row.top() + 2, to - from, row.height() - 2), 5, 5);
}

}  // namespace upbeat
