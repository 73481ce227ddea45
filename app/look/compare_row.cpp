#include "look/compare_row.h"

#include <QCoreApplication>

#include "strokes/stroke_painter.h"
#include "theme/words.h"

namespace upbeat {

void paintCompareRow(QPainter& painter, const Theme& theme, const CompareRow& row, double top, double width) {
    constexpr double kNameEnds = 104;
    constexpr double kFoot = 122;
    constexpr double kText = 156;
    constexpr double kSmallest = 9;
    StrokeScale scale;
    scale.fullHeight = CompareRow::kHeight - 14;
    scale.reach = 22;
    const StrokePainter strokes(painter, theme, 4);
    const QPointF foot(kFoot, top + CompareRow::kHeight - 8);
    painter.setPen(theme.ink);
    painter.setFont(fittingFace(row.name, kNameEnds, Type::kText, kSmallest));
    painter.drawText(QRectF(0, top, kNameEnds, CompareRow::kHeight), Qt::AlignLeft | Qt::AlignVCenter, row.name);
    if (const auto& ms = row.offsetMs) {
        strokes.wedge(foot, strokeLean(ms->low, scale), strokeLean(ms->high, scale), strokeHeight(row.levelDb, scale));
        strokes.stroke(shapeStroke(foot, ms->value, row.levelDb, row.limb, scale));
        painter.setPen(theme.ink);
        painter.setFont(typeFace(Type::kText));
        painter.drawText(
            QRectF(kText, top + 4, width - kText, 22), Qt::AlignLeft | Qt::AlignVCenter,
            QCoreApplication::translate("CompareRow", "%1 ms ±%2").arg(tenths(ms->value)).arg(tenths(ms->halfWidth())));
    }
    painter.setPen(theme.inkSoft);
    painter.setFont(fittingFace(row.below, width - kText, Type::kText, kSmallest));
    painter.drawText(QRectF(kText, top + 26, width - kText, 20), Qt::AlignLeft | Qt::AlignVCenter, row.below);
}

void paintCompareHeading(QPainter& painter, const Theme& theme, const QString& text, double top, double width) {
    painter.setFont(typeFace(Type::kText, true));
    painter.setPen(theme.inkSoft);
    painter.drawText(QRectF(0, top, width, CompareRow::kHeadingHeight), Qt::AlignLeft | Qt::AlignBottom, text);
}

}  // namespace upbeat
