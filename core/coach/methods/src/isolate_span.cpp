#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

void isolateSpan(Stages& stages, const Exercise& e, const Span& span) {
    Exercise drill = drillFor(e, span);
    Exercise rested = drill;
    rested.bars = 2;
    constexpr double kHalf = 0.5;
    stages.add(UPBEAT_TEXT("the spot and a bar of rest, half as fast"), rested, kHalf);
    stages.add(UPBEAT_TEXT("the spot and a bar of rest"), rested);
    stages.add(UPBEAT_TEXT("the spot, round and round"), drill);
    stages.add(UPBEAT_TEXT("its bar"), barsOf(e, span.bar, span.bar));
    stages.addWhole();
}

}  // namespace upbeat
