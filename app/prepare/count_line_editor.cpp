#include "prepare/count_line_editor.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <cmath>

#include "prepare/edit_keys.h"
#include "theme/theme.h"
#include "upbeat/music/bars.h"

namespace upbeat {

CountLineEditor::CountLineEditor(Manuscript& manuscript, QWidget* parent)
    : CountLine(parent), m_manuscript(manuscript) {
    connect(&m_manuscript, &Manuscript::changed, this, &CountLineEditor::refresh);
    connect(&m_manuscript, &Manuscript::closed, this, &CountLineEditor::showClosed);
}

void CountLineEditor::showClosed() {
    setFocusPolicy(Qt::NoFocus);
    setExercise(exercise());
}

double CountLineEditor::placeOfBeat(const Beats& at) const {
    return at.toDouble() / editor().exercise().length().toDouble();
}

/// Every step of every beat with its word: what can be written on, not what is written.
std::vector<FieldColumn> CountLineEditor::columns() const {
    std::vector<FieldColumn> list;
    const Exercise& e = editor().exercise();
    for (const CountedBeat& beat : beatsOf(e)) {
        const int steps = editor().stepsOfBeat(beat.start);
        for (int i = 0; i < steps; ++i)
            list.push_back({placeOfBeat(beat.start + beat.length * i / steps), countWord(e, beat.number, i, steps),
                            i == 0, i == 0 && beat.number == 1});
    }
    return list;
}

void CountLineEditor::refresh() {
    if (focusPolicy() == Qt::NoFocus) {  // it has just been opened
        setFolded(false);
        setFocusPolicy(Qt::StrongFocus);
        setFocus();
    }
    showState(editor().exercise(), columns());
    showBar(barAt(editor().exercise(), editor().at()).number - 1);
    setAccessibleDescription(penInWords(editor()));
}

bool CountLineEditor::event(QEvent* event) {
    // Letters belong to the page while it is written on, not to the keys of the place.
    if (event->type() == QEvent::ShortcutOverride && m_manuscript.isOpen() &&
        actionFor(*static_cast<QKeyEvent*>(event)) != nullptr) {
        event->accept();
        return true;
    }
    return CountLine::event(event);
}

void CountLineEditor::keyPressEvent(QKeyEvent* event) {
    const EditAction* action = m_manuscript.isOpen() ? actionFor(*event) : nullptr;
    if (action == nullptr) {
        CountLine::keyPressEvent(event);
        return;
    }
    if (action->leaves)
        Q_EMIT left();
    else
        m_manuscript.edit(action->change);
}

void CountLineEditor::mousePressEvent(QMouseEvent* event) {
    if (!m_manuscript.isOpen()) return;
    const double place = placeAt(event->position().x()) * editor().exercise().length().toDouble();
    constexpr std::int64_t kParts = 1000;
    const CountedBeat beat =
        beatAt(editor().exercise(), {std::max<std::int64_t>(0, std::llround(place * kParts)), kParts});
    const int steps = editor().stepsOfBeat(beat.start);
    const auto nearest = std::llround((place - beat.start.toDouble()) / beat.length.toDouble() * steps);
    std::size_t row = 0;
    while (row + 1 < editor().rows().size() && event->position().y() > rowRect(row).bottom()) ++row;
    m_manuscript.edit([&](ExerciseEditor& editor) {
        editor.clearSelection();
        editor.placePen(beat.start + beat.length * nearest / steps, row);
    });
}

/// A right stroke where nothing stands; what stands there goes through the levels and away.
void CountLineEditor::mouseDoubleClickEvent(QMouseEvent* /*event*/) {
    m_manuscript.edit([](ExerciseEditor& editor) {
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
    return m_manuscript.isOpen() ? editor().rows() : CountLine::voices();
}

void CountLineEditor::paintMarks(QPainter& painter) const {
    if (!m_manuscript.isOpen()) return;
    const Theme& theme = Theme::of(palette());
    const auto band = [&](const Beats& from, const Beats& to) {
        const double lead = 0.5 * (x(placeOfBeat(from + editor().step())) - x(placeOfBeat(from)));
        return std::pair(x(placeOfBeat(from)) - lead, x(placeOfBeat(to)) - lead);
    };
    painter.setPen(Qt::NoPen);
    if (const auto selection = editor().selection()) {
        const auto [from, to] = band(selection->from, selection->to);
        QColor chosen = theme.early;
        chosen.setAlphaF(0.12F);
        painter.setBrush(chosen);
        painter.drawRect(QRectF(from, 6, to - from, height() - 12));
    }
    const auto [from, to] = band(editor().at(), editor().at() + editor().step());
    const QRectF row = rowRect(editor().row());
    QColor pen = theme.early;
    pen.setAlphaF(0.22F);
    painter.setBrush(pen);
    painter.setPen(QPen(theme.early, hasFocus() ? 2 : 1));
    painter.drawRoundedRect(QRectF(from, row.top() + 2, to - from, row.height() - 2), 5, 5);
}

}  // namespace upbeat
