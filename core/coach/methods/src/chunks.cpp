#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

namespace {

/// Strokes in [from, to) and the stroke that lands on `to`.
Exercise chunkOf(const Exercise& e, const Beats& from, const Beats& to) {
    const Beats landing = wrapped(to, e.length());
    return onlyStrokes(e, [&](const Stroke& s) { return (!(s.at < from) && s.at < to) || s.at == landing; });
}

/// "one beat from beat 2", "2 beats from beat 1 of bar 3".
Text nameOf(int beats, const CountedBeat& first, int bars) {
    const std::string beat = std::to_string(first.number);
    if (bars == 1)
        return Text::counted(beats, UPBEAT_TEXT("one beat from beat %1"), UPBEAT_TEXT_N("%n beats from beat %1"), beat);
    return Text::counted(beats, UPBEAT_TEXT("one beat from beat %1 of bar %2"),
                         UPBEAT_TEXT_N("%n beats from beat %1 of bar %2"), beat, std::to_string(first.bar));
}

}  // namespace

void chunks(Stages& stages, const Exercise& e) {
    constexpr std::size_t kMostPieces = 8;
    const auto beats = beatsOf(e);
    const std::size_t size = (beats.size() + kMostPieces - 1) / kMostPieces;
    for (std::size_t pieces = 1; pieces * size < beats.size(); pieces *= 2)
        for (std::size_t from = 0; from < beats.size(); from += pieces * size) {
            const std::size_t to = std::min(beats.size(), from + pieces * size);
            const CountedBeat& first = beats[from];
            stages.add(nameOf(static_cast<int>(to - from), first, e.bars),
                       chunkOf(e, first.start, beats[to - 1].end()));
        }
    stages.addWhole();
}

}  // namespace upbeat
