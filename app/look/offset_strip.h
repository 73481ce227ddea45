#pragma once

#include <QWidget>
#include <memory>

#include "upbeat/take/analyze_take.h"

namespace upbeat {

/// All strokes of a take in the order in which they were played, each as a dot that stands high when it is late, and
/// what is the matter drawn through them: the line of a pulse that moves, or where the strokes of a cause lie.
class OffsetStrip : public QWidget {
    Q_OBJECT
  public:
    explicit OffsetStrip(QWidget* parent = nullptr);
    /// nullptr for none.
    void setAnalysis(std::shared_ptr<const TakeAnalysis> analysis);
    /// Draws this finding of the take through the dots; -1 for none.
    void setFinding(int index);
    [[nodiscard]] QSize sizeHint() const override { return {400, 78}; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    void paintDots(QPainter& painter, const QRectF& room) const;
    void paintCause(QPainter& painter, const QRectF& room) const;
    [[nodiscard]] QPointF pointOf(const QRectF& room, double gridS, double offsetMs) const;

    [[nodiscard]] const Finding* finding() const;

    std::shared_ptr<const TakeAnalysis> m_analysis;
    int m_finding = -1;
    double m_endS = 1;
    double m_scaleMs = 20;
};

/// The strokes of the phrase that a finding is about: its own, or all on which its cause is heard.
[[nodiscard]] std::vector<int> strokesOf(const Exercise& exercise, const Finding& finding);

}  // namespace upbeat
