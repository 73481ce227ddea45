#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

namespace {

/// A bar of the exercise's own grid: singles, or doubles, hand to hand.
Exercise gridBar(const Exercise& e, const Beats& step, const std::vector<bool>& doubledHalf) {
    Exercise grid = e;
    grid.strokes.clear();
    grid.swells.clear();
    grid.freeSpans.clear();
    const Beats half = e.meter.barLength() / 2;
    setMeters(grid, std::vector(std::max<std::size_t>(1, doubledHalf.size() / 2), e.meter));
    int index = 0;
    for (Beats at(0); at < grid.length(); at = at + step, ++index) {
        const auto part = static_cast<std::size_t>(wholeTimes(at, half));
        const bool right = doubledHalf[std::min(part, doubledHalf.size() - 1)] ? index / 2 % 2 == 0 : index % 2 == 0;
        grid.strokes.push_back({at, e.strokes.front().voice, right ? Limb::RightHand : Limb::LeftHand});
    }
    return grid;
}

}  // namespace

void singlesDoubles(Stages& stages, const Exercise& e) {
    const bool handsOnly = std::all_of(e.strokes.begin(), e.strokes.end(), [&](const Stroke& s) {
        return isHand(s.limb) && s.voice == e.strokes.front().voice;
    });
    const Beats step = shortestStep(e);
    const Beats steps = ratio(e.meter.barLength(), step);
    if (!handsOnly || steps.denominator() != 1 || steps.numerator() % 4 != 0) return;
    stages.add(UPBEAT_TEXT("singles"), gridBar(e, step, {false, false}));
    stages.add(UPBEAT_TEXT("doubles"), gridBar(e, step, {true, true}));
    stages.add(UPBEAT_TEXT("a bar of each"), gridBar(e, step, {false, false, true, true}));
    stages.add(UPBEAT_TEXT("half a bar of each"), gridBar(e, step, {false, true}));
    stages.addWhole();
}

}  // namespace upbeat
