#pragma once

#include "place/place.h"
#include "place/verdict_bar.h"
#include "studio/studio.h"

namespace upbeat {

class LadderView;
class GateList;

/// What now? The ladder with the takes standing on its rungs, what this rung asks beside what was measured, the
/// verdict.
class ClimbPlace : public Place {
    Q_OBJECT
  public:
    explicit ClimbPlace(Studio& studio, QWidget* parent = nullptr);
    void enter() override;

  private:
    void refresh();
    void moveRung(int steps);

    Studio& m_studio;
    LadderView* m_ladder;
    GateList* m_gates;
    VerdictBar* m_verdict;
};

}  // namespace upbeat
