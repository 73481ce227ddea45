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
        const std::string number = std::to_string(bar);
        const bool isOne = e.bars == 1;
        stages.add(isOne ? Text(UPBEAT_TEXT("the bar at half speed"))
                         : Text::with(UPBEAT_TEXT("bar %1 at half speed"), number),
                   atHalfSpeed(barsOf(e, bar, bar)));
        stages.add(isOne ? Text(UPBEAT_TEXT("the bar at full speed"))
                         : Text::with(UPBEAT_TEXT("bar %1 at full speed"), number),
                   barsOf(e, bar, bar));
        if (bar > 1 && bar < e.bars) stages.add(Text::with(UPBEAT_TEXT("bars 1 to %1"), number), barsOf(e, 1, bar));
    }
    stages.addWhole();
}

}  // namespace upbeat
