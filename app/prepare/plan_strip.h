#pragma once

#include <QWidget>

#include "studio/routine.h"
#include "theme/theme.h"

namespace upbeat {

/// Today's plan in small: its blocks as wide as their minutes, and the one that is next. A click opens it.
class PlanStrip : public QWidget {
    Q_OBJECT
  public:
    /// The routine outlives it.
    explicit PlanStrip(const Routine& routine, QWidget* parent = nullptr);

  Q_SIGNALS:
    void opened();

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

  private:
    const Routine& m_routine;
};

/// The blocks of a plan side by side; those before `current` are done.
void paintBlocks(QPainter& painter, const QRectF& box, const std::vector<PlanBlock>& plan,
                 std::optional<std::size_t> current, const Theme& theme);

}  // namespace upbeat
