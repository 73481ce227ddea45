#include "prepare/exercise_delegate.h"

#include <QPainter>

#include "prepare/exercise_model.h"
#include "theme/theme.h"

namespace upbeat {

QSize ExerciseDelegate::sizeHint(const QStyleOptionViewItem& /*option*/, const QModelIndex& /*index*/) const {
    return {100, 58};
}

void ExerciseDelegate::paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const Theme& theme = Theme::of(option.palette);
    painter->save();
    painter->setRenderHint(QPainter::Antialiasing);
    const bool chosen = option.state.testFlag(QStyle::State_Selected);
    const QRectF box = QRectF(option.rect).adjusted(4, 2, -4, -2);
    if (chosen) {
        painter->setPen(Qt::NoPen);
        painter->setBrush(theme.target);
        painter->drawRoundedRect(box, 6, 6);
    }
    const QFont titleFont = typeFace(Type::kText, chosen);
    painter->setFont(titleFont);
    painter->setPen(theme.ink);
    painter->drawText(box.adjusted(12, 6, -12, -24), Qt::AlignVCenter,
                      QFontMetricsF(titleFont).elidedText(index.data().toString(), Qt::ElideRight, box.width() - 24));
    painter->setFont(typeFace(Type::kSmall));
    painter->setPen(theme.inkSoft);
    painter->drawText(box.adjusted(12, 28, -12, -4), Qt::AlignVCenter | Qt::AlignLeft,
                      index.data(ExerciseModel::TempoRole).toString());
    painter->drawText(box.adjusted(12, 28, -12, -4), Qt::AlignVCenter | Qt::AlignRight,
                      index.data(ExerciseModel::CleanRole).toString());
    painter->restore();
}

}  // namespace upbeat
