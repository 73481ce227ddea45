#pragma once

#include <QStyledItemDelegate>

namespace upbeat {

/// Paints the days of the log and the takes below them: an upright stroke was clean, a leaning one not.
class LogDelegate : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
};

}  // namespace upbeat
