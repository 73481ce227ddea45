#pragma once

#include <QLayout>
#include <QWidget>

namespace upbeat {

/// Empties a layout; `kept` is only taken out of it.
inline void clearLayout(QLayout& layout, const QWidget* kept = nullptr) {
    while (QLayoutItem* item = layout.takeAt(0)) {
        if (QWidget* old = item->widget(); old != nullptr && old != kept) {
            old->hide();
            old->deleteLater();
        }
        delete item;  // NOLINT(cppcoreguidelines-owning-memory): takeAt hands the item over
    }
}

}  // namespace upbeat
