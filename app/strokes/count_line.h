#pragma once

#include <QWidget>

#include "strokes/field_data.h"

namespace upbeat {

/// The count line: words under every grid position, strokes as heights with limb feet, sticking letters. One row per
/// voice where an exercise has several.
class CountLine : public QWidget {
    Q_OBJECT
  public:
    explicit CountLine(QWidget* parent = nullptr);
    void setExercise(const Exercise& exercise);
    /// First bar in view (from 0) and how many bars fit.
    void scrollBars(int steps);
    [[nodiscard]] int barsInView() const;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    [[nodiscard]] std::vector<Voice> voices() const;
    void paintVoice(QPainter& painter, Voice voice, const QRectF& row, bool named) const;
    void paintWords(QPainter& painter, const QRectF& row) const;
    [[nodiscard]] double x(double place) const;
    [[nodiscard]] bool inView(double place) const;

    Exercise m_exercise;
    FieldData m_page;
    int m_firstBar = 0;
};

}  // namespace upbeat
