#include "upbeat/methods/drill.h"

#include <algorithm>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"

namespace upbeat {

Exercise drillFor(const Exercise& exercise, const Span& span) {
    const Bar bar = barOf(exercise, std::clamp(span.bar, 1, exercise.bars));
    const Beats beat = bar.meter.beatLength();
    const auto quarters = [&](const Beats& counted) {
        return Beats(counted.numerator() * beat.numerator(), counted.denominator() * beat.denominator());
    };
    const Beats from = bar.start + quarters(span.fromBeat - Beats(1));
    const Beats to = bar.start + quarters(span.toBeat - Beats(1));
    Exercise drill = barsOf(exercise, bar.number, bar.number);
    markAsPart(drill, {exercise.id, span});
    drill.swells.clear();  // they belong to the whole
    drill.freeSpans.clear();
    drill.strokes.clear();
    const Beats landing = wrapped(to, exercise.length());
    for (Stroke stroke : exercise.strokes) {
        const bool isInside = !(stroke.at < from) && stroke.at < to;
        if (!isInside && stroke.at != landing) continue;
        // What it lands on is the first beat of the bar, should it stand in another.
        const bool isHere = barAt(exercise, stroke.at).number == bar.number;
        stroke.at = isHere ? stroke.at - bar.start : Beats(0);
        drill.strokes.push_back(stroke);
    }
    return inOrder(std::move(drill));
}

Exercise drillOfBars(const Exercise& exercise, int from, int to) {
    Exercise drill = barsOf(exercise, from, to);
    markAsPart(drill, {exercise.id, BarRange{from, to}});
    return drill;
}

}  // namespace upbeat
