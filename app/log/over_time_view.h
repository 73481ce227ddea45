#pragma once

#include <QLabel>
#include <QWidget>

#include "studio/shelf.h"
#include "studio/stand.h"
#include "studio/take_log.h"
#include "studio/worker.h"
#include "upbeat/season/over_time.h"
#include "upbeat/season/season_figures.h"

class QCPAbstractPlottable;
class QCPErrorBars;
class QCPItemTracer;
class QCustomPlot;

namespace upbeat {

/// What days and weeks brought: the tempo of every take of the exercise on the stand with the ceiling as it moved, one
/// measure with its intervals and how it changed from week to week, and the minutes of each day. Or all exercises at
/// once, as shares of their goals.
class OverTimeView : public QWidget {
    Q_OBJECT
  public:
    /// What it shows; all of it outlives the widget.
    struct With {
        const TakeLog& log;
        const Stand& stand;
        const Shelf& shelf;
    };
    explicit OverTimeView(const With& with, QWidget* parent = nullptr);

    void refresh();
    void nextMeasure();
    void toggleAll();
    /// Moves from take to take.
    void choose(int steps);
    /// Of the chosen take; 0 where none is.
    [[nodiscard]] qint64 chosenTake() const;
    [[nodiscard]] SeasonMeasure measure() const { return m_measure; }
    [[nodiscard]] bool showsAll() const { return m_all; }
    /// How the measure changed, in words.
    [[nodiscard]] QString changeInWords() const { return m_change->text(); }
    [[nodiscard]] QCustomPlot* tempoPlot() const { return m_tempoPlot; }
    [[nodiscard]] QCustomPlot* measurePlot() const { return m_measurePlot; }
    /// Whether the ceiling of every day is known: it is weighed beside the window.
    [[nodiscard]] bool isWeighed() const { return !m_weighing.isBusy(); }

  Q_SIGNALS:
    void takeChosen(qint64 id);

  protected:
    void changeEvent(QEvent* event) override;

  private:
    void dress(QCustomPlot& plot) const;
    void showTempos();
    void showCeiling(const std::vector<DayOverTime>& days);
    void showAllExercises();
    void showMeasure();
    void showMinutes(const std::vector<PlayedTime>& days);
    void spanDays(const std::vector<PlayedTime>& days);
    void scaleMeasure();
    void scaleTempos();
    void markChosen();

    With m_with;
    Worker m_weighing;
    QLabel* m_title;
    QLabel* m_change;
    QCustomPlot* m_tempoPlot;
    QCustomPlot* m_measurePlot;
    QCustomPlot* m_minutesPlot;
    QCPItemTracer* m_mark = nullptr;
    std::vector<TakeSummary> m_takes;  // of the exercise, oldest first
    int m_chosen = -1;
    SeasonMeasure m_measure = SeasonMeasure::Spread;
    bool m_all = false;
    int m_reading = 0;
};

}  // namespace upbeat
