// The passes of a take, one row each.
#include "strokes/field_view.h"

#include <QPainter>
#include <algorithm>

#include "strokes/stroke_painter.h"
#include "theme/theme.h"

namespace upbeat {

namespace {

/// Grace notes stand before their stroke.
QPointF footOf(const FieldLayout& layout, const FieldMark& mark, double y) {
    const StrokeScale scale = layout.scale();
    return {layout.x(mark.place, mark.slot) - scale.reach * mark.aheadMs / scale.fullLeanMs, y};
}

}  // namespace

void FieldView::paintRows(QPainter& painter, const FieldLayout& layout) const {
    const StrokePainter strokes(painter, Theme::of(palette()), layout.strokeWidth());
    const StrokeScale scale = layout.scale();
    const auto [first, last] = layout.visibleRows();
    for (std::size_t row = first; row < last; ++row) {
        // All of the ground first: what leans over its neighbour must not vanish behind it.
        const double y = layout.baseline(row);
        for (std::size_t i = 0; i < m_data.rows[row].size(); ++i) {
            const FieldMark& mark = m_data.rows[row][i];
            if (!layout.isVisible(mark.place)) continue;
            paintGlow(painter, layout, row, i);
            if (mark.kind == FieldMark::Kind::Played && mark.aheadMs <= 0 && !mark.joins)
                strokes.target(footOf(layout, mark, y), strokeHeight(mark.targetDb, scale),
                               strokeLean(mark.askedMs, scale));
        }
        for (const FieldMark& mark : m_data.rows[row])
            if (layout.isVisible(mark.place)) paintMark(strokes, layout, mark, y);
    }
}

void FieldView::paintMark(const StrokePainter& strokes, const FieldLayout& layout, const FieldMark& mark,
                          double y) const {
    const StrokeScale scale = layout.scale();
    const QPointF foot = footOf(layout, mark, y);
    if (mark.kind == FieldMark::Kind::Missed) return strokes.missed(foot, strokeHeight(mark.targetDb, scale));
    if (mark.kind == FieldMark::Kind::Pale) return strokes.sounded(foot);
    if (mark.kind == FieldMark::Kind::Extra) return strokes.unwritten(foot, strokeHeight(mark.relativeDb, scale));
    if (!mark.joins)
        return strokes.stroke(shapeStroke(foot, mark.leanMs, mark.relativeDb, mark.limb, scale, mark.askedMs),
                              mark.faded);
    const int slot = m_data.strokeSlots[static_cast<std::size_t>(*mark.joins)];
    strokes.joined(foot, QPointF(layout.x(mark.place, slot), y), mark.limb);
}

/// Behind what is chosen, sounds now or is looked for.
void FieldView::paintGlow(QPainter& painter, const FieldLayout& layout, std::size_t row, std::size_t index) const {
    const FieldMark& mark = m_data.rows[row][index];
    const bool isChosen = m_chosen && m_chosen->row == row && m_chosen->mark == index;
    const bool soundsNow = m_playheadS >= mark.timeS && m_playheadS < mark.timeS + 0.12;
    const bool isLit = std::find(m_highlighted.begin(), m_highlighted.end(), mark.stroke) != m_highlighted.end();
    if (!isChosen && !soundsNow && !isLit) return;
    const QPointF foot = footOf(layout, mark, layout.baseline(row));
    QColor glow = Theme::of(palette()).early;
    glow.setAlphaF(isChosen ? 0.30F : 0.15F);
    painter.setPen(Qt::NoPen);
    painter.setBrush(glow);
    const double half = std::min(0.45 * layout.columnWidth(), 22.0);
    painter.drawRoundedRect(
        QRectF(foot.x() - half, foot.y() - 0.8 * layout.rowHeight(), 2 * half, 0.9 * layout.rowHeight()), 5, 5);
}

}  // namespace upbeat
