#include "look/group_compare.h"

#include <QPainter>
#include <algorithm>

#include "strokes/stroke_painter.h"
#include "theme/theme.h"

namespace upbeat {

namespace {

constexpr int kRowHeight = 52;

QString title(Axis axis) {
    switch (axis) {
        case Axis::Voice:
            return GroupCompare::tr("Voices");
        case Axis::Limb:
            return GroupCompare::tr("Hands and feet");
        case Axis::Level:
            return GroupCompare::tr("Levels");
        case Axis::Count:
            return GroupCompare::tr("Counts");
        case Axis::Partial:
            return GroupCompare::tr("Places in the beat");
    }
    return {};
}

}  // namespace

GroupCompare::GroupCompare(QWidget* parent) : QWidget(parent) {}

void GroupCompare::setAnalysis(const TakeAnalysis& analysis) {
    m_rows.clear();
    // Single counts are what the field itself shows.
    for (const GroupRow& row : analysis.measures.groups)
        if (row.axis != Axis::Count && row.offsetMs) m_rows.push_back(row);
    m_loudestDb = -120;
    for (const GroupRow& row : m_rows)
        if (row.levelDb) m_loudestDb = std::max(m_loudestDb, row.levelDb->value);
    int headings = 0;
    for (std::size_t i = 0; i < m_rows.size(); ++i)
        if (i == 0 || m_rows[i].axis != m_rows[i - 1].axis) ++headings;
    setMinimumHeight(static_cast<int>(m_rows.size()) * kRowHeight + headings * 30 + 10);
    update();
}

void GroupCompare::paintEvent(QPaintEvent* /*event*/) {
    const Theme& theme = Theme::of(palette());
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    StrokeScale scale;
    scale.fullHeight = kRowHeight - 14;
    scale.reach = 22;
    const StrokePainter strokes(painter, theme, 4);
    double y = 0;
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        const GroupRow& row = m_rows[i];
        if (i == 0 || row.axis != m_rows[i - 1].axis) {
            painter.setFont(typeFace(Type::kSmall, true));
            painter.setPen(theme.inkSoft);
            painter.drawText(QRectF(0, y, width(), 30), Qt::AlignLeft | Qt::AlignBottom, title(row.axis));
            y += 30;
        }
        const QPointF foot(122, y + kRowHeight - 8);
        const double level = row.levelDb ? row.levelDb->value - m_loudestDb : -12;
        const double height = strokeHeight(level, scale);
        strokes.wedge(foot, strokeLean(row.offsetMs->low, scale), strokeLean(row.offsetMs->high, scale), height);
        strokes.stroke(shapeStroke(foot, row.offsetMs->value, level,
                                   row.axis == Axis::Limb ? static_cast<Limb>(row.key) : Limb::RightHand, scale));
        painter.setPen(theme.ink);
        painter.setFont(typeFace(Type::kSmall));
        painter.drawText(QRectF(0, y, 104, kRowHeight), Qt::AlignLeft | Qt::AlignVCenter,
                         QString::fromStdString(row.name));
        painter.drawText(QRectF(156, y + 4, width() - 156, 22), Qt::AlignLeft | Qt::AlignVCenter,
                         tr("%1 ms ±%2").arg(row.offsetMs->value, 0, 'f', 1).arg(row.offsetMs->halfWidth(), 0, 'f', 1));
        painter.setPen(theme.inkSoft);
        const QString level2 = row.levelDb ? tr(", %1 dB").arg(level, 0, 'f', 1) : QString();
        painter.drawText(QRectF(156, y + 26, width() - 156, 20), Qt::AlignLeft | Qt::AlignVCenter,
                         tr("%1 hits").arg(row.n) + level2);
        y += kRowHeight;
    }
}

}  // namespace upbeat
