#pragma once

#include <QStyledItemDelegate>

namespace upbeat {

/// One exercise in the list: title, tempo range, what was last clean.
class ExerciseDelegate : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;
};

}  // namespace upbeat
