#pragma once

#include <QWidget>

#include "climb/ladder_layout.h"

namespace upbeat {

struct Theme;

/// Rungs by tempo with the takes standing on them: upright and filled when clean, leaning and hollow when not.
class LadderView : public QWidget {
    Q_OBJECT
  public:
    explicit LadderView(QWidget* parent = nullptr);
    /// `takes` oldest first.
    void show(const Ladder& ladder, double tempoBpm, std::vector<TakeSummary> takes);

  Q_SIGNALS:
    void takeChosen(qint64 id);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

  private:
    [[nodiscard]] LadderLayout layoutNow() const;
    void paintRungs(QPainter& painter, const Theme& theme, const LadderLayout& layout) const;
    static void paintTakes(QPainter& painter, const Theme& theme, const LadderLayout& layout);

    Ladder m_ladder;
    double m_tempoBpm = 60;
    std::vector<TakeSummary> m_takes;
};

}  // namespace upbeat
