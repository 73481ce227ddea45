#include "studio/take_view.h"

#include "theme/words.h"
#include "upbeat/measure/rolls.h"
#include "upbeat/take/teach.h"

namespace upbeat {

void measureFresh(TakeView& view, const CoachPlan& coach, const TaughtKit& kit) {
    view.analysis = measureFresh(view.stored, coach, kit);
}

TakeAnalysis measureFresh(TakeRecord& stored, const CoachPlan& coach, const TaughtKit& kit) {
    HeardTake heard(std::move(stored.hits), std::move(stored.trace));
    TakeAnalysis analysis =
        analyzeTake(stored.exercise, stored.frame, toldApart(stored.exercise, std::move(heard), kit), coach);
    if (stored.simulated) analysis.verdict = simulatedTake(stored.frame.tempoBpm, coach.ladder);
    if (!hasRolls(stored.exercise)) analysis.matched.trace = {};
    stored.hits = withoutPatches(analysis.matched.hits);
    stored.trace = analysis.matched.trace;
    return analysis;
}

QString anchorInWords(const TakeRecord& take) {
    if (take.simulated) return inWords(UPBEAT_TEXT("simulated player"));
    if (take.frame.anchor.kind == AnchorKind::Click) return inWords(UPBEAT_TEXT("timed by the click in it"));
    if (take.frame.anchor.kind == AnchorKind::None)
        return inWords(UPBEAT_TEXT("no placement: the click was not heard"));
    return {};
}

}  // namespace upbeat
