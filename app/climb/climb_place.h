#pragma once

#include "place/place.h"
#include "place/verdict_bar.h"
#include "studio/hands_free.h"
#include "studio/next_steps.h"
#include "studio/recorder.h"
#include "studio/review.h"
#include "studio/stand.h"
#include "studio/take_log.h"

namespace upbeat {

class LadderView;
class GateList;

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
    };
    explicit ClimbPlace(const With& with, QWidget* parent = nullptr);
    void enter() override;

  private:
    void refresh();
    void moveRung(int steps);

    With m_with;
    LadderView* m_ladder;
    GateList* m_gates;
    VerdictBar* m_verdict;
};

}  // namespace upbeat
