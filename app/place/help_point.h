#pragma once

#include <QList>
#include <QRect>
#include <QString>
#include <QWidget>

namespace upbeat {

/// A part of a place and what it is for; the help puts a number there on a picture of the place.
struct HelpPoint {
    QRect where;  ///< In the place.
    QString what;
};

/// Where a widget lies in a place; empty where it is not to be seen.
[[nodiscard]] inline QRect rectIn(const QWidget& place, const QWidget* part) {
    if (part == nullptr || !part->isVisibleTo(&place)) return {};
    QRect seen(part->mapTo(&place, QPoint(0, 0)), part->size());
    for (const QWidget* around = part->parentWidget(); around != nullptr && around != &place;
         around = around->parentWidget())
        seen &= QRect(around->mapTo(&place, QPoint(0, 0)), around->size());
    return seen;
}

/// A rectangle in shares of a place that is painted as a whole.
[[nodiscard]] inline QRect shareOf(const QWidget& place, const QRectF& share) {
    return QRectF(share.x() * place.width(), share.y() * place.height(), share.width() * place.width(),
                  share.height() * place.height())
        .toRect();
}

}  // namespace upbeat
