#include "upbeat/coach/drill.h"

#include <fmt/format.h>

#include <algorithm>

namespace upbeat {

Exercise drillFor(const Exercise& exercise, const Span& span) {
    const Beats beat = exercise.meter.beatLength();
    const auto quarters = [&](const Beats& counted) {
        return Beats(counted.numerator() * beat.numerator(), counted.denominator() * beat.denominator());
    };
    const Beats barStart = exercise.meter.barLength() * (span.bar - 1);
    const Beats from = barStart + quarters(span.fromBeat - Beats(1));
    const Beats to = barStart + quarters(span.toBeat - Beats(1));
    Exercise drill = exercise;
    drill.id = fmt::format("{}~{}.{}", exercise.id, span.bar, span.fromBeat.floor());
    drill.title = fmt::format("{}: beat {}", exercise.title, span.fromBeat.floor());
    if (exercise.bars > 1) drill.title += fmt::format(" of bar {}", span.bar);
    drill.trains = "One spot of a longer phrase, with a rest before it comes round.";
    drill.bars = 1;
    drill.swells.clear();  // they belong to the whole
    drill.freeSpans.clear();
    std::erase_if(drill.strokes, [&](const Stroke& s) {
        const bool landing = s.at == wrapped(to, exercise.length());
        return !landing && (s.at < from || s.at >= to);
    });
    for (Stroke& stroke : drill.strokes) stroke.at = wrapped(stroke.at, exercise.meter.barLength());
    return inOrder(std::move(drill));
}

}  // namespace upbeat
