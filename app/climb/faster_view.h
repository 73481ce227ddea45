#pragma once

#include <QRectF>
#include <QWidget>
#include <algorithm>
#include <vector>

#include "strokes/stroke_painter.h"
#include "upbeat/season/over_tempo.h"

namespace upbeat {

/// Values to pixels, from the lowest to the highest end of an interval.
struct ValueAxis {
    double low = 0;
    double high = 1;
    QRectF box;

    [[nodiscard]] double y(double value) const {
        return box.bottom() - (value - low) / std::max(1e-9, high - low) * box.height();
    }
};

/// What happens as it gets faster: rungs from left to right, on each the mean stroke of every class and hand; below
/// them one measure with its interval at every rung, and where it bends.
class FasterView : public QWidget {
    Q_OBJECT
  public:
    explicit FasterView(QWidget* parent = nullptr);
    /// `before`: the first half of a season, to stand behind; may be empty.
    void show(std::vector<OverTempo> all, std::vector<OverTempo> before = {});
    void nextMeasure();
    /// Null where there is none.
    [[nodiscard]] const OverTempo* chosen() const;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    [[nodiscard]] double xOf(double tempoBpm) const;
    [[nodiscard]] const OverTempo* chosenBefore() const;
    void paintHeading(QPainter& painter) const;
    void paintStrokes(QPainter& painter, const QRectF& box, const std::vector<OverTempo>& figures) const;
    void paintBend(QPainter& painter, const Figure& bpm, const QRectF& box) const;
    void paintMeasure(QPainter& painter, const QRectF& box) const;
    void paintBefore(QPainter& painter, const OverTempo& before, const ValueAxis& axis) const;
    void paintTempos(QPainter& painter, double y) const;

    std::vector<OverTempo> m_all;
    std::vector<OverTempo> m_before;
    std::vector<double> m_tempos;  // of all rungs
    std::size_t m_chosen = 0;
};

}  // namespace upbeat
