#pragma once

#include <QWidget>

#include "theme/spoken_rows.h"

#include "upbeat/ladder/evidence.h"

namespace upbeat {

/// What this rung asks: each gate with the figure that the takes on it give together, on a scale on which the good side
/// is always left of the mark, its interval, the limit, and met, missed or open as mark and word, with how many takes
/// more it needs. A limit that is not the profile's carries a dot.
class GateList : public QWidget, public SpokenRows {
    Q_OBJECT
  public:
    /// Beside other things: rows as low as can be read, without the limits in figures.
    enum class Size { Roomy, Small };
    explicit GateList(QWidget* parent = nullptr, Size size = Size::Roomy);
    /// `takes`: on the rung, by which it is measured.
    void setGates(std::vector<GateEvidence> gates, int takes);
    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] int spokenRowCount() const override;
    [[nodiscard]] QString spokenRow(int row) const override;

  protected:
    void paintEvent(QPaintEvent* event) override;
    bool event(QEvent* event) override;

  private:
    [[nodiscard]] double rowHeight() const;
    void paintHeading(QPainter& painter) const;
    void paintGate(QPainter& painter, const GateEvidence& evidence, const QRectF& row) const;
    /// What was measured and its interval on a track, the limit always at the same place.
    void paintTrack(QPainter& painter, const Gate& gate, const QRectF& row) const;

    std::vector<GateEvidence> m_gates;
    int m_takes = 0;
    const Size m_size;
};

/// Where a figure lies against its limit, 0 best to 1 worst, 0.62 being the limit itself: gates that want more and
/// gates that want less share one direction.
[[nodiscard]] double strainOf(const Gate& gate, double value);

}  // namespace upbeat
