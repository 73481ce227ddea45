#pragma once

#include <QWidget>
#include <vector>

#include "strokes/stroke_painter.h"
#include "upbeat/season/over_tempo.h"

namespace upbeat {

/// What happens as it gets faster: rungs from left to right, on each the mean stroke of every class and hand; below
/// them one measure with its interval at every rung, and where it bends.
class FasterView : public QWidget {
    Q_OBJECT
  public:
    explicit FasterView(QWidget* parent = nullptr);
    void show(std::vector<OverTempo> all);
    void nextMeasure();
    /// Null where there is none.
    [[nodiscard]] const OverTempo* chosen() const;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    [[nodiscard]] double xOf(double tempoBpm) const;
    [[nodiscard]] const Figure* at(SeasonMeasure measure, double tempoBpm) const;
    void paintHeading(QPainter& painter) const;
    void paintStrokes(QPainter& painter, const QRectF& box) const;
    void paintBend(QPainter& painter, const Figure& bpm, const QRectF& box) const;
    void paintMeasure(QPainter& painter, const QRectF& box) const;
    void paintTempos(QPainter& painter, double y) const;

    std::vector<OverTempo> m_all;
    std::vector<double> m_tempos;  // of all rungs
    std::size_t m_chosen = 0;
};

}  // namespace upbeat
