#include "strokes/field_view.h"

#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>

#include "strokes/stroke_painter.h"

namespace upbeat {

namespace {

constexpr double kMostColumnsAtOnce = 40;

}  // namespace

FieldView::FieldView(QWidget* parent) : QWidget(parent) {
    setMinimumSize(200, 160);
    setAccessibleName(tr("Field of hits: counts across, passes down"));
}

void FieldView::setData(FieldData data) {
    m_data = std::move(data);
    m_chosen.reset();
    m_highlighted.clear();
    m_playheadS = -1;
    m_zoom = {};
    // A long phrase starts with as many whole bars as can be read.
    const double columns = static_cast<double>(m_data.columns.size());
    if (columns > kMostColumnsAtOnce) {
        const double bars = std::max(1.0, std::floor(m_data.bars() * kMostColumnsAtOnce / columns));
        m_zoom.span = std::min(1.0, bars / m_data.bars());
    }
    update();
    Q_EMIT chosenChanged();
}

const FieldMark* FieldView::chosen() const {
    return m_chosen ? &m_data.rows[m_chosen->row][m_chosen->mark] : nullptr;
}

void FieldView::choose(std::size_t row, std::size_t mark) {
    if (row >= m_data.rows.size() || mark >= m_data.rows[row].size()) return;
    m_chosen = FieldLayout::Cell{row, mark};
    bringIntoView();
    update();
    Q_EMIT chosenChanged();
}

void FieldView::highlightStrokes(std::vector<int> strokes) {
    m_highlighted = std::move(strokes);
    update();
}

void FieldView::setPlayhead(double timeS) {
    m_playheadS = timeS;
    update();
}

void FieldView::chooseAt(double timeS) {
    std::optional<FieldLayout::Cell> nearest;
    double away = 0;
    for (std::size_t row = 0; row < m_data.rows.size(); ++row)
        for (std::size_t mark = 0; mark < m_data.rows[row].size(); ++mark) {
            const double distance = std::abs(m_data.rows[row][mark].timeS - timeS);
            if (nearest && distance >= away) continue;
            nearest = FieldLayout::Cell{row, mark};
            away = distance;
        }
    if (nearest) choose(nearest->row, nearest->mark);
}

void FieldView::zoomIn() {
    setZoomSpan(m_zoom.span / 2);
}
void FieldView::zoomOut() {
    setZoomSpan(m_zoom.span * 2);
}

void FieldView::setZoomSpan(double span) {
    const double smallest = std::max(1.0 / 64.0, 1.0 / std::max<double>(1.0, 4.0 * m_data.bars()));
    const double centre = chosen() != nullptr ? chosen()->place : m_zoom.from + m_zoom.span / 2;
    m_zoom.span = std::clamp(span, smallest, 1.0);
    m_zoom.from = std::clamp(centre - m_zoom.span / 2, 0.0, 1.0 - m_zoom.span);
    update();
}

void FieldView::moveAlong(int steps) {
    if (m_data.rows.empty()) return;
    const std::size_t row = m_chosen ? m_chosen->row : 0;
    if (m_data.rows[row].empty()) return;
    const auto last = static_cast<std::ptrdiff_t>(m_data.rows[row].size()) - 1;
    const std::ptrdiff_t now = m_chosen ? static_cast<std::ptrdiff_t>(m_chosen->mark) : -1;
    choose(row, static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(now + steps, 0, last)));
}

void FieldView::movePass(int steps) {
    if (m_data.rows.empty()) return;
    const auto last = static_cast<std::ptrdiff_t>(m_data.rows.size()) - 1;
    const std::ptrdiff_t now = m_chosen ? static_cast<std::ptrdiff_t>(m_chosen->row) : -1;
    const auto row = static_cast<std::size_t>(std::clamp<std::ptrdiff_t>(now + steps, 0, last));
    if (m_data.rows[row].empty()) return;
    const std::size_t mark = m_chosen ? std::min(m_chosen->mark, m_data.rows[row].size() - 1) : 0;
    choose(row, mark);
}

FieldLayout FieldView::layoutNow() const {
    return {m_data, QSizeF(size()), m_zoom};
}

void FieldView::bringIntoView() {
    const FieldMark* mark = chosen();
    if (mark == nullptr) return;
    if (!layoutNow().isVisible(mark->place))
        m_zoom.from = std::clamp(mark->place - m_zoom.span / 4, 0.0, 1.0 - m_zoom.span);
    const FieldLayout layout = layoutNow();
    const double top = static_cast<double>(m_chosen->row) * layout.rowHeight();
    m_zoom.scroll = std::clamp(m_zoom.scroll, top + layout.rowHeight() - layout.body().height(), top);
    clampScroll();
}

void FieldView::clampScroll() {
    const FieldLayout layout = layoutNow();
    m_zoom.scroll = std::clamp(m_zoom.scroll, 0.0, std::max(0.0, layout.bodyHeight() - layout.body().height()));
}

void FieldView::mousePressEvent(QMouseEvent* event) {
    if (const auto cell = layoutNow().at(m_data, event->position())) choose(cell->row, cell->mark);
}

void FieldView::wheelEvent(QWheelEvent* event) {
    if (event->modifiers().testFlag(Qt::ControlModifier)) {
        event->angleDelta().y() > 0 ? zoomIn() : zoomOut();
    } else {
        m_zoom.scroll -= event->angleDelta().y() * 0.5;
        m_zoom.from = std::clamp(m_zoom.from - event->angleDelta().x() * 0.0005 * m_zoom.span, 0.0, 1.0 - m_zoom.span);
        clampScroll();
        update();
    }
    event->accept();
}

void FieldView::resizeEvent(QResizeEvent* /*event*/) {
    clampScroll();
}

void FieldView::paintEvent(QPaintEvent* /*event*/) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const FieldLayout layout = layoutNow();
    paintSummary(painter, layout);
    painter.save();
    painter.setClipRect(QRectF(0, layout.body().top(), width(), layout.body().height()));
    paintGrid(painter, layout);
    paintGaps(painter, layout);
    paintRows(painter, layout);
    painter.restore();
}

void FieldView::paintGrid(QPainter& painter, const FieldLayout& layout) const {
    const Theme& theme = Theme::of(palette());
    for (const FieldColumn& column : m_data.columns) {
        if (!column.onBeat || !layout.isVisible(column.place)) continue;
        painter.setPen(QPen(theme.edge, column.onBar ? 2.0 : 1.0));
        const double x = layout.x(column.place) - std::clamp(0.5 * layout.columnWidth(), 14.0, 28.0) + 1;
        painter.drawLine(QPointF(x, layout.body().top()), QPointF(x, layout.body().bottom()));
    }
    const auto [first, last] = layout.visibleRows();
    painter.setFont(typeFace(Type::kText));
    for (std::size_t row = first; row < last; ++row) {
        const double y = layout.baseline(row);
        painter.setPen(QPen(theme.edge, 1));
        painter.drawLine(QPointF(layout.body().left(), y), QPointF(layout.body().right(), y));
        painter.setPen(theme.inkSoft);
        painter.drawText(
            QRectF(0, y - 18, 26, 20), Qt::AlignRight | Qt::AlignVCenter,
            row < m_data.rowNames.size() ? QString::fromStdString(m_data.rowNames[row]) : QString::number(row + 1));
    }
}

/// Hatched, as nothing that was played is.
void FieldView::paintGaps(QPainter& painter, const FieldLayout& layout) const {
    const Theme& theme = Theme::of(palette());
    painter.setPen(Qt::NoPen);
    for (const FieldGap& gap : m_data.gaps) {
        const double x = layout.x(gap.from);
        const double y = layout.baseline(gap.row);
        const QRectF box(x, y - 0.85 * layout.rowHeight(), std::max(3.0, layout.x(gap.to) - x),
                         0.9 * layout.rowHeight());
        painter.fillRect(box, theme.edge);
        painter.fillRect(box, QBrush(theme.inkSoft, Qt::BDiagPattern));
    }
}

void FieldView::paintSummary(QPainter& painter, const FieldLayout& layout) const {
    const Theme& theme = Theme::of(palette());
    painter.setPen(QPen(theme.edge, 1));
    painter.setBrush(theme.surface);
    painter.drawRoundedRect(layout.summary().adjusted(0.5, 0.5, -0.5, -0.5), 8, 8);
    const StrokeScale scale = layout.summaryScale();
    const StrokePainter strokes(painter, theme, 1.2 * layout.strokeWidth());
    const double y = layout.summaryBaseline();
    const auto footOf = [&](double place, int slot) { return QPointF(layout.x(place, slot), y); };
    for (const FieldAverage& average : m_data.averages)
        if (layout.isVisible(average.place) && !average.joins)
            strokes.target(footOf(average.place, average.slot), strokeHeight(average.targetDb, scale),
                           strokeLean(average.askedMs, scale));
    for (const FieldAverage& average : m_data.averages) {
        if (!layout.isVisible(average.place)) continue;
        const QPointF foot = footOf(average.place, average.slot);
        if (average.joins) {
            const int slot = m_data.strokeSlots[static_cast<std::size_t>(*average.joins)];
            strokes.joined(foot, footOf(average.place, slot), average.limb);
            continue;
        }
        strokes.wedge(foot, strokeLean(average.offsetMs.low, scale), strokeLean(average.offsetMs.high, scale),
                      strokeHeight(average.relativeDb, scale));
        strokes.stroke(
            shapeStroke(foot, average.offsetMs.value, average.relativeDb, average.limb, scale, average.askedMs));
    }
    paintSummaryWords(painter, layout);
}

void FieldView::paintSummaryWords(QPainter& painter, const FieldLayout& layout) const {
    const Theme& theme = Theme::of(palette());
    const double y = layout.summaryBaseline();
    const bool narrow = layout.columnWidth() < 17;
    const bool roomy = layout.columnWidth() >= 26;
    for (const FieldColumn& column : m_data.columns) {
        if (!layout.isVisible(column.place) || (narrow && !column.onBeat)) continue;
        painter.setFont(typeFace(column.onBeat ? 18 : (roomy ? Type::kText : 14), column.onBeat));
        painter.setPen(column.onBeat ? theme.ink : theme.inkSoft);
        painter.drawText(QRectF(layout.x(column.place) - 30, y + 6, 60, 20), Qt::AlignCenter,
                         QString::fromStdString(column.word));
    }
    painter.setFont(typeFace(roomy ? Type::kText : 12));
    painter.setPen(theme.inkSoft);
    for (std::size_t i = 0; i < m_data.strokePlaces.size() && !narrow; ++i) {
        if (!layout.isVisible(m_data.strokePlaces[i])) continue;
        const double x = layout.x(m_data.strokePlaces[i]) + 7 * m_data.strokeSlots[i];
        painter.drawText(QRectF(x - 20, y + 24, 40, 20), Qt::AlignCenter, QString::fromStdString(m_data.hands[i]));
    }
}

}  // namespace upbeat
