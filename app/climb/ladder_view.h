#pragma once

#include <QWidget>

#include "theme/spoken_rows.h"

#include "climb/ladder_layout.h"
#include "upbeat/season/forecast.h"

namespace upbeat {

struct Theme;

/// Rungs by tempo with the takes standing on them: upright and filled when clean, leaning and hollow when not; at their
/// right end the chance of a clean take, and where it is even: the ceiling.
class LadderView : public QWidget, public SpokenRows {
    Q_OBJECT
  public:
    explicit LadderView(QWidget* parent = nullptr);
    /// `takes` oldest first.
    void show(const Ladder& ladder, double tempoBpm, std::vector<TakeSummary> takes, std::optional<Ceiling> ceiling,
              const std::optional<Forecast>& forecast);
    /// A goal to be had first, where there is one.
    void showNearerGoal(std::optional<double> bpm);
    [[nodiscard]] int spokenRowCount() const override;
    [[nodiscard]] QString spokenRow(int row) const override;

  Q_SIGNALS:
    void takeChosen(qint64 id);

  protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

  private:
    [[nodiscard]] LadderLayout layoutNow() const;
    [[nodiscard]] double sentenceHeight() const;
    void paintRungs(QPainter& painter, const Theme& theme, const LadderLayout& layout) const;
    /// The chance of a clean take as a curve at the right end of the rungs, with its band, and where it is even.
    void paintChance(QPainter& painter, const Theme& theme, const LadderLayout& layout) const;
    void paintCeiling(QPainter& painter, const Theme& theme) const;
    static void paintTakes(QPainter& painter, const Theme& theme, const LadderLayout& layout);

    Ladder m_ladder;
    double m_tempoBpm = 60;
    std::vector<TakeSummary> m_takes;
    std::optional<Ceiling> m_ceiling;
    QString m_sentence;  // what it says
};

}  // namespace upbeat
