#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

void slowWhole(Stages& stages, const Exercise& e) {
    for (const int percent : {60, 70, 80, 90})
        stages.add(Text::with(UPBEAT_TEXT("%1 percent of the tempo"), percent), e, percent / 100.0);
    stages.addWhole();
}

}  // namespace upbeat
