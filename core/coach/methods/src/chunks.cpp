#include <fmt/format.h>

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

}  // namespace

void chunks(Stages& stages, const Exercise& e) {
    constexpr std::size_t kMostPieces = 8;
    const auto beats = beatsOf(e);
    const std::size_t size = (beats.size() + kMostPieces - 1) / kMostPieces;
    for (std::size_t pieces = 1; pieces * size < beats.size(); pieces *= 2)
        for (std::size_t from = 0; from < beats.size(); from += pieces * size) {
            const std::size_t to = std::min(beats.size(), from + pieces * size);
            const CountedBeat& first = beats[from];
            stages.add(
                fmt::format("{} from beat {}{}", to - from == 1 ? "one beat" : fmt::format("{} beats", to - from),
                            first.number, e.bars > 1 ? fmt::format(" of bar {}", first.bar) : ""),
                chunkOf(e, first.start, beats[to - 1].end()));
        }
    stages.addWhole();
}

}  // namespace upbeat
