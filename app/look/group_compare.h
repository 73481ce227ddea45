#pragma once

#include <QWidget>
#include <vector>

#include "upbeat/take/analyze_take.h"

namespace upbeat {

/// Groups of strokes side by side: each as its average leaning stroke, with its figures.
class GroupCompare : public QWidget {
    Q_OBJECT
  public:
    explicit GroupCompare(QWidget* parent = nullptr);

    void setAnalysis(const TakeAnalysis& analysis);
    [[nodiscard]] const std::vector<GroupRow>& rows() const { return m_rows; }

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    std::vector<GroupRow> m_rows;
    double m_loudestDb = 0;
};

}  // namespace upbeat
