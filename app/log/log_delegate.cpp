#include "log/log_delegate.h"

#include <QPainter>

#include "log/log_model.h"
#include "theme/theme.h"

namespace upbeat {

namespace {

void paintDay(QPainter& painter, const Theme& theme, const QRectF& box, const QModelIndex& index) {
    painter.setFont(typeFace(Type::kLead, true));
    painter.setPen(theme.ink);
    painter.drawText(box.adjusted(10, 8, 0, 0), Qt::AlignVCenter, index.data().toString());
    painter.setFont(typeFace(Type::kSmall));
    painter.setPen(theme.inkSoft);
    painter.drawText(box.adjusted(0, 8, -14, 0), Qt::AlignVCenter | Qt::AlignRight,
                     index.data(LogModel::DetailRole).toString());
}

void paintTake(QPainter& painter, const Theme& theme, const QRectF& box, const QModelIndex& index, bool chosen) {
    if (chosen) {
        painter.setPen(Qt::NoPen);
        painter.setBrush(theme.target);
        painter.drawRoundedRect(box, 6, 6);
    }
    const bool clean = index.data(LogModel::CleanRole).toBool();
    const QPointF foot(box.left() + 24, box.bottom() - 9);
    const QColor ink = clean ? theme.ink : theme.late;
    painter.setPen(QPen(ink, 3.2, Qt::SolidLine, Qt::RoundCap));
    painter.drawLine(foot, foot + QPointF(clean ? 0 : -7, -20));
    painter.setPen(QPen(ink, 1.6));
    painter.setBrush(clean ? ink : theme.surface);
    painter.drawEllipse(foot, 3.4, 3.4);
    painter.setFont(typeFace(Type::kText, chosen));
    painter.setPen(theme.ink);
    painter.drawText(box.adjusted(50, 0, -box.width() * 0.45, 0), Qt::AlignVCenter, index.data().toString());
    painter.setFont(typeFace(Type::kText));
    painter.setPen(theme.inkSoft);
    painter.drawText(box.adjusted(box.width() * 0.55, 0, -14, 0), Qt::AlignVCenter | Qt::AlignLeft,
                     index.data(LogModel::DetailRole).toString());
}

}  // namespace

QSize LogDelegate::sizeHint(const QStyleOptionViewItem& /*option*/, const QModelIndex& index) const {
    return {100, index.data(LogModel::IsDayRole).toBool() ? 48 : 40};
}

void LogDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const Theme& theme = Theme::of(option.palette);
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const QRectF box = QRectF(option.rect).adjusted(6, 1, -6, -1);
    if (index.data(LogModel::IsDayRole).toBool())
        paintDay(*painter, theme, box, index);
    else
        paintTake(*painter, theme, box, index, option.state.testFlag(QStyle::State_Selected));
    painter->restore();
}

}  // namespace upbeat
