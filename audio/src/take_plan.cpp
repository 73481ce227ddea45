#include "upbeat/audio/take_plan.h"

namespace upbeat {

TakeRecord recordOf(const TakePlan& plan) {
    TakeRecord take;
    take.exercise = plan.exercise;
    take.click = plan.click;
    take.frame.tempoBpm = plan.click.tempo.value();
    take.frame.firstBeatS = plan.firstBeatS();
    take.frame.bars = plan.bars;
    take.frame.latencyS = plan.latencyS;
    take.openEnded = plan.openEnded;
    return take;
}

}  // namespace upbeat
