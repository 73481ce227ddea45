#pragma once

#include <QWidget>

#include "studio/pad_map.h"

namespace upbeat {

/// The voices of an electronic kit with the keys they send; the one that is asked for stands in a frame, the one that
/// was struck last shows how hard.
class PadMapView : public QWidget {
    Q_OBJECT
  public:
    explicit PadMapView(PadMap& map, QWidget* parent = nullptr);
    void move(int rows) { m_map.ask(m_map.asked() + rows); }

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

  private:
    [[nodiscard]] QRectF boxOf(int row) const;
    void paintRow(QPainter& painter, int row) const;

    PadMap& m_map;
};

}  // namespace upbeat
