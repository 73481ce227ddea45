#pragma once

#include <QIcon>
#include <QWidget>

#include "studio/sound_check.h"

namespace upbeat {

/// A tick, drawn: no font is sure to have it.
[[nodiscard]] QIcon tick(const QColor& colour);

/// What a step of the sound check hears, drawn: inputs with their levels, one level with its good range, strokes at the
/// heights at which they were struck.
class SoundCheckView : public QWidget {
    Q_OBJECT
  public:
    explicit SoundCheckView(SoundCheck& check, QWidget* parent = nullptr);
    /// In the list of inputs.
    void move(int rows);
    /// The input that is marked: the one that was played, unless the player has moved. The simulated player is last.
    [[nodiscard]] InputId chosen() const;
    /// No more than the step has to show.
    [[nodiscard]] int wantedHeight() const;

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

  private:
    [[nodiscard]] int rows() const;
    [[nodiscard]] int row() const;
    [[nodiscard]] QRectF boxOf(int row) const;
    void paintInputs(QPainter& painter) const;
    void paintLevel(QPainter& painter) const;
    void paintStrokes(QPainter& painter) const;

    SoundCheck& m_check;
    int m_moved = -1;  // the row the player has moved to
};

}  // namespace upbeat
