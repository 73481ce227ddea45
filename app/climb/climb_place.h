#pragma once

#include <QLabel>
#include <QStackedWidget>

#include "place/place.h"
#include "place/verdict_bar.h"
#include "strokes/section_strip.h"
#include "studio/hands_free.h"
#include "studio/limit_book.h"
#include "studio/next_steps.h"
#include "studio/recorder.h"
#include "studio/review.h"
#include "studio/stand.h"
#include "studio/take_log.h"
#include "studio/worker.h"
#include "upbeat/ladder/holding.h"
#include "upbeat/season/forecast.h"

namespace upbeat {

class FasterView;
class LadderView;
class GateList;
class HoldBar;
class LimitEditor;

/// What now? The ladder with the takes standing on its rungs, what this rung asks beside what was measured, the
/// verdict.
class ClimbPlace : public Place {
    Q_OBJECT
  public:
    /// What it shows and works with; all of it outlives the widget.
    struct With {
        Stand& stand;
        Review& review;
        NextSteps& nextSteps;
        Recorder& recorder;
        HandsFree& handsFree;
        const TakeLog& log;
        LimitBook& limits;
        Setup& setup;
        Notices& notices;
    };
    explicit ClimbPlace(const With& with, QWidget* parent = nullptr);
    [[nodiscard]] QList<HelpPoint> helpPoints() const override;
    void enter() override;
    [[nodiscard]] QList<KeyHint> keys() const override;
    [[nodiscard]] QList<KeySection> allKeys(const QString& name) const override;
    /// What the rung asks, or the same to be changed.
    void editLimits(bool edit);
    [[nodiscard]] LimitEditor* limitEditor() const { return m_limits; }
    /// The ladder, or what happens as it gets faster.
    void showFaster(bool faster);
    /// Whether what is shown of the log is that of the exercise on the stand as it is now; it is weighed beside the
    /// window.
    [[nodiscard]] bool isPastKnown() const { return !m_weighing.isBusy(); }
    [[nodiscard]] FasterView* fasterView() const { return m_faster; }

  protected:
    void resizeEvent(QResizeEvent* event) override;

  private:
    /// The takes of the exercise, and what they say together.
    void readLog();
    void refresh();
    [[nodiscard]] std::optional<Holding> holdingNow() const;
    void showHolding();
    void addKeys();
    void layOut();
    /// Of a piece: every section with its own ladder, and the one that holds it.
    void showSections();
    void practise(std::optional<int> section);
    void playWholeToday();
    void addRuleKeys();
    void addLimitKeys();
    void moveRung(int steps);
    void askForTakes();
    void nextRule();
    void leadByMinutes();
    void takeNearerGoal();
    [[nodiscard]] bool isEditing() const;

    With m_with;
    Worker m_weighing;
    int m_reading = 0;                 // the newest reading of the log,
    double m_goalRead = 0;             // and the goal it was for
    std::string m_pastOf;              // the exercise whose past is shown
    std::vector<TakeSummary> m_takes;  // oldest first
    std::optional<Ceiling> m_ceiling;
    std::optional<Forecast> m_forecast;
    std::optional<double> m_nearerGoal;
    std::optional<Holding> m_holding;
    std::optional<double> m_wholeToday;  // of a piece: the tempo all its sections stand
    SectionStrip* m_sections;
    QLabel* m_holder;  // what holds the piece
    QStackedWidget* m_main;
    LadderView* m_ladder;
    FasterView* m_faster;
    QStackedWidget* m_side;
    QWidget* m_asked;  // what the rung asks, and what holds it
    GateList* m_gates;
    HoldBar* m_holds;
    LimitEditor* m_limits;
    QList<KeyHint> m_fasterKeys;
    KeyGroup m_limitKeys{[this] { return isEditing(); }};
    VerdictBar* m_verdict;
};

}  // namespace upbeat
