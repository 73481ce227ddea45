#pragma once

#include <QPointF>
#include <QWidget>
#include <array>

#include "upbeat/measure/timing.h"

namespace upbeat {

/// Where the spread of a take comes from: habits of counts, a pulse that wanders, and the rest, as one divided bar.
class SpreadBar : public QWidget {
    Q_OBJECT
  public:
    explicit SpreadBar(QWidget* parent = nullptr);
    void setTiming(const Timing& timing);
    [[nodiscard]] QSize sizeHint() const override { return {250, heightForWidth(250)}; }
    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    struct Part {
        QString words;
        double share = 0;
        QColor colour;
        QPointF at;  ///< Where its words begin.
    };
    /// The parts with their words, which go on in the next line where they do not fit.
    [[nodiscard]] std::array<Part, 3> partsIn(int width) const;

    Timing m_timing;
};

}  // namespace upbeat
