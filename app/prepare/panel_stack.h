#pragma once

#include <QStackedWidget>

namespace upbeat {

/// Panels of which one is seen: as large as that one wants to be. Those that are not seen need no room, and the page
/// above gets it. (Asked for a height for its width, a stacked layout answers with the tallest panel: it is not asked.)
class PanelStack : public QStackedWidget {
    Q_OBJECT
  public:
    explicit PanelStack(QWidget* parent) : QStackedWidget(parent) {
        connect(this, &QStackedWidget::currentChanged, this, &QWidget::updateGeometry);
    }
    [[nodiscard]] QSize sizeHint() const override { return currentWidget()->sizeHint(); }
    [[nodiscard]] QSize minimumSizeHint() const override { return currentWidget()->minimumSizeHint(); }
    [[nodiscard]] bool hasHeightForWidth() const override { return false; }
};

}  // namespace upbeat
