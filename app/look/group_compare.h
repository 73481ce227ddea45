#pragma once

#include <QWidget>
#include <vector>

#include "upbeat/take/analyze_take.h"

namespace upbeat {

/// A figure in words, under a heading of its own.
struct CompareLine {
    QString heading;
    QString name;
    QString figure;
};

/// What is measured between strokes rather than on them: drums struck together, closed rolls, how alike strokes sound.
[[nodiscard]] std::vector<CompareLine> compareLines(const TakeAnalysis& analysis);

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
    void paintHeading(QPainter& painter, const QString& text, double& y) const;
    void paintLines(QPainter& painter, double y) const;

    std::vector<GroupRow> m_rows;
    std::vector<CompareLine> m_lines;
    double m_loudestDb = 0;
};

}  // namespace upbeat
