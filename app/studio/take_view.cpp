#include "studio/take_view.h"

#include "upbeat/measure/rolls.h"
#include "upbeat/take/teach.h"

namespace upbeat {

void measureFresh(TakeView& view, const CoachPlan& coach, const TaughtKit& kit) {
    StoredTake& stored = view.stored;
    HeardTake heard(std::move(stored.hits), std::move(stored.trace));
    view.analysis =
        analyzeTake(stored.exercise, stored.frame, toldApart(stored.exercise, std::move(heard), kit), coach);
    if (!hasRolls(stored.exercise)) view.analysis.matched.trace = {};
    stored.hits = withoutPatches(view.analysis.matched.hits);
    stored.trace = view.analysis.matched.trace;
}

}  // namespace upbeat
