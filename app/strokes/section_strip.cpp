#include "strokes/section_strip.h"

#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "theme/theme.h"

namespace upbeat {

SectionStrip::SectionStrip(QWidget* parent) : QWidget(parent) {
    setFixedHeight(kHeight);
    setCursor(Qt::PointingHandCursor);
    QWidget::hide();
}

void SectionStrip::show(const Exercise& exercise) {
    m_sections = sectionsOf(exercise);
    m_bars = std::max(1, exercise.bars);
    m_notes.clear();
    m_outstanding.reset();
    m_marked.clear();
    m_chosen.reset();
    QStringList names;
    for (const SectionSpan& span : m_sections)
        names << tr("%1, bars %2 to %3")
                     .arg(QString::fromStdString(span.name))
                     .arg(printedBar(exercise, span.from))
                     .arg(printedBar(exercise, span.to));
    setAccessibleName(tr("Sections: %1").arg(names.join(QStringLiteral("; "))));
    setVisible(m_sections.size() > 1);
    update();
}

void SectionStrip::choose(std::optional<int> section) {
    m_chosen = section;
    update();
}

std::optional<int> SectionStrip::beside(int steps) const {
    const auto count = static_cast<int>(m_sections.size());
    if (count < 2) return std::nullopt;
    return (m_chosen.value_or(steps > 0 ? -1 : count) + steps + count) % count;
}

std::optional<int> SectionStrip::sectionOf(int bar) const {
    const auto found = std::find_if(m_sections.begin(), m_sections.end(),
                                    [bar](const SectionSpan& s) { return bar >= s.from && bar <= s.to; });
    if (found == m_sections.end()) return std::nullopt;
    return static_cast<int>(found - m_sections.begin());
}

void SectionStrip::setNotes(QStringList notes, std::optional<int> outstanding) {
    m_notes = std::move(notes);
    m_outstanding = outstanding;
    setAccessibleDescription(m_notes.join(QStringLiteral("; ")));
    update();
}

void SectionStrip::markBars(const std::vector<int>& bars) {
    m_marked = {bars.begin(), bars.end()};
    update();
}

double SectionStrip::xOf(int bar) const {
    return 2 + (width() - 4.0) * (bar - 1) / m_bars;
}

int SectionStrip::barAtX(double x) const {
    return std::clamp(static_cast<int>((x - 2) / (width() - 4.0) * m_bars) + 1, 1, m_bars);
}

void SectionStrip::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    for (std::size_t i = 0; i < m_sections.size(); ++i) {
        const SectionSpan& span = m_sections[i];
        const auto index = static_cast<int>(i);
        const QRectF block(xOf(span.from) + 1, 2, xOf(span.to + 1) - xOf(span.from) - 2, height() - 4);
        const bool isChosen = m_chosen == index;
        painter.setPen(QPen(m_outstanding == index ? theme.late : theme.edge, m_outstanding == index ? 2.4 : 1.2));
        painter.setBrush(isChosen ? theme.target : theme.surface);
        painter.drawRoundedRect(block, 5, 5);
        const QRectF room = block.adjusted(6, 3, -4, -3);
        painter.setPen(theme.ink);
        const QString name = QString::fromStdString(span.name);
        painter.setFont(fittingFace(name, room.width(), Type::kText, 9, isChosen || m_outstanding == index));
        painter.drawText(room, Qt::AlignLeft | Qt::AlignTop,
                         painter.fontMetrics().elidedText(name, Qt::ElideRight, static_cast<int>(room.width())));
        if (index >= m_notes.size()) continue;
        painter.setFont(typeFace(Type::kSmall));
        painter.setPen(theme.inkSoft);
        painter.drawText(
            room.adjusted(0, 0, 0, -8), Qt::AlignLeft | Qt::AlignBottom,
            painter.fontMetrics().elidedText(m_notes.at(index), Qt::ElideRight, static_cast<int>(room.width())));
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(theme.late);
    for (const int bar : m_marked)
        painter.drawRect(QRectF(xOf(bar) + 1, height() - 8, std::max(3.0, xOf(bar + 1) - xOf(bar) - 2), 5));
    if (m_dragged == 0) return;
    QColor veil = theme.early;
    veil.setAlphaF(0.25F);
    painter.setBrush(veil);
    const int from = std::min(m_pressed, m_dragged);
    const int to = std::max(m_pressed, m_dragged);
    painter.drawRect(QRectF(xOf(from), 0, xOf(to + 1) - xOf(from), height()));
}

void SectionStrip::mousePressEvent(QMouseEvent* event) {
    m_pressed = barAtX(event->position().x());
}

void SectionStrip::mouseMoveEvent(QMouseEvent* event) {
    const int bar = barAtX(event->position().x());
    if (m_pressed > 0 && (bar != m_pressed || m_dragged > 0)) m_dragged = bar;
    update();
}

void SectionStrip::mouseReleaseEvent(QMouseEvent* /*event*/) {
    const int pressed = std::exchange(m_pressed, 0);
    const int dragged = std::exchange(m_dragged, 0);
    update();
    if (dragged > 0) {
        Q_EMIT barsDragged(std::min(pressed, dragged), std::max(pressed, dragged));
        return;
    }
    if (const auto section = sectionOf(pressed)) Q_EMIT sectionChosen(m_chosen == section ? std::nullopt : section);
}

}  // namespace upbeat
