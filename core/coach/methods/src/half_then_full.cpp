#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

namespace {

/// A phrase of one bar over two.
Exercise atHalfSpeed(Exercise bar) {
    for (Stroke& s : bar.strokes) s.at = s.at * 2;
    for (Swell& s : bar.swells) s.from = s.from * 2, s.to = s.to * 2;
    for (FreeSpan& s : bar.freeSpans) s.from = s.from * 2, s.to = s.to * 2;
    setMeters(bar, {bar.meter, bar.meter});
    return bar;
}

}  // namespace

void halfThenFull(Stages& stages, const Exercise& e) {
    for (int bar = 1; bar <= e.bars; ++bar) {
        const std::string which = e.bars > 1 ? fmt::format("bar {}", bar) : "the bar";
        stages.add(which + " at half speed", atHalfSpeed(barsOf(e, bar, bar)));
        stages.add(which + " at full speed", barsOf(e, bar, bar));
        if (bar > 1 && bar < e.bars) stages.add(fmt::format("bars 1 to {}", bar), barsOf(e, 1, bar));
    }
    stages.addWhole();
}

}  // namespace upbeat
