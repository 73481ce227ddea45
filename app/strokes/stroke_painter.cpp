#include "strokes/stroke_painter.h"

#include <QPolygonF>

namespace upbeat {

QColor StrokePainter::colour(Lean lean) const {
    switch (lean) {
        case Lean::Early:
            return m_theme.early;
        case Lean::Late:
            return m_theme.late;
        case Lean::Upright:
            return m_theme.ink;
    }
    return m_theme.ink;
}

void StrokePainter::target(const QPointF& foot, double height, double lean) const {
    const double half = 1.7 * m_width;
    if (lean != 0) {
        const QPointF side(half, 0);
        const QPointF top = foot + QPointF(lean, -height);
        m_painter.setPen(Qt::NoPen);
        m_painter.setBrush(m_theme.target);
        m_painter.drawPolygon(QPolygonF({foot - side, top - side, top + side, foot + side}));
        return;
    }
    const QRectF bar(foot.x() - half, foot.y() - height, 2 * half, height);
    // Hundreds of small bars stand in a field: rounding their corners would take most of its repaint and not be seen.
    constexpr double kRoundedFrom = 5.5;
    if (m_width < kRoundedFrom) {
        m_painter.fillRect(bar, m_theme.target);
        return;
    }
    m_painter.setPen(Qt::NoPen);
    m_painter.setBrush(m_theme.target);
    m_painter.drawRoundedRect(bar, 2, 2);
}

void StrokePainter::stroke(const StrokeShape& s, bool faded) const {
    QColor ink = faded ? m_theme.inkSoft : colour(s.lean);
    if (faded) ink.setAlphaF(0.38F);
    m_painter.setPen(QPen(ink, m_width, Qt::SolidLine, Qt::RoundCap));
    m_painter.drawLine(s.foot, s.tip);
    if (s.beyondScale) {
        // The tip would lie further out than the scale reaches: a short bar across it says so.
        const double half = 1.5 * m_width;
        m_painter.setPen(QPen(ink, 0.7 * m_width, Qt::SolidLine, Qt::FlatCap));
        m_painter.drawLine(s.tip + QPointF(0, -half), s.tip + QPointF(0, half));
    }
    drawFoot(s, ink);
}

void StrokePainter::drawFoot(const StrokeShape& s, const QColor& ink) const {
    const double radius = 0.95 * m_width;
    switch (s.footKind) {
        case Foot::Dot:
            m_painter.setPen(Qt::NoPen);
            m_painter.setBrush(ink);
            m_painter.drawEllipse(s.foot, radius, radius);
            break;
        case Foot::Ring:
            m_painter.setPen(QPen(ink, 0.45 * m_width));
            m_painter.setBrush(m_theme.surface);
            m_painter.drawEllipse(s.foot, radius, radius);
            break;
        case Foot::Bar:
            m_painter.setPen(QPen(ink, 0.8 * m_width, Qt::SolidLine, Qt::FlatCap));
            m_painter.drawLine(s.foot + QPointF(-1.6 * m_width, 0), s.foot + QPointF(1.6 * m_width, 0));
            break;
    }
}

void StrokePainter::joined(const QPointF& foot, const QPointF& other, Limb limb) const {
    // From row to row it would look like a stroke: there it is a hair.
    const bool across = foot.y() != other.y();
    m_painter.setPen(
        QPen(across ? m_theme.inkSoft : m_theme.ink, across ? 1.2 : 0.5 * m_width, Qt::SolidLine, Qt::FlatCap));
    m_painter.drawLine(foot, other);
    StrokeShape shape;
    shape.foot = foot;
    shape.footKind = footOf(limb);
    drawFoot(shape, m_theme.ink);
}

void StrokePainter::missed(const QPointF& foot, double height) const {
    const double half = 1.7 * m_width;
    m_painter.setBrush(Qt::NoBrush);
    m_painter.setPen(QPen(m_theme.inkSoft, 1.2, Qt::DashLine));
    m_painter.drawRoundedRect(QRectF(foot.x() - half, foot.y() - height, 2 * half, height), 2, 2);
    m_painter.setPen(QPen(m_theme.ink, 1.6));
    m_painter.drawLine(foot + QPointF(-half, -3), foot + QPointF(half, -3));
    m_painter.drawLine(foot + QPointF(-half, 1), foot + QPointF(half, 1));
}

void StrokePainter::unwritten(const QPointF& foot, double height) const {
    m_painter.setPen(QPen(m_theme.inkSoft, m_width, Qt::SolidLine, Qt::RoundCap));
    m_painter.drawLine(foot, foot - QPointF(0, height));
    m_painter.setPen(QPen(m_theme.ink, 1.6, Qt::DotLine));
    m_painter.setBrush(Qt::NoBrush);
    m_painter.drawEllipse(foot, 1.3 * m_width, 1.3 * m_width);
}

void StrokePainter::sounded(const QPointF& foot) const {
    m_painter.setPen(QPen(m_theme.inkSoft, 1.2, Qt::DotLine));
    m_painter.setBrush(Qt::NoBrush);
    m_painter.drawEllipse(foot, 1.3 * m_width, 1.3 * m_width);
}

void StrokePainter::wedge(const QPointF& foot, double leftLean, double rightLean, double height) const {
    QColor fill = m_theme.inkSoft;
    fill.setAlphaF(0.28F);
    m_painter.setPen(Qt::NoPen);
    m_painter.setBrush(fill);
    m_painter.drawPolygon(QPolygonF({foot, foot + QPointF(leftLean, -height), foot + QPointF(rightLean, -height)}));
}

}  // namespace upbeat
