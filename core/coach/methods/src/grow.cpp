#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

namespace {

/// Distinct written places, in order.
std::vector<Beats> placesOf(const Exercise& e) {
    std::vector<Beats> places;
    for (const Stroke& s : e.strokes)
        if (places.empty() || places.back() != s.at) places.push_back(s.at);
    return places;
}

/// Strokes of `fixed` always, the others place by place.
template <class IsFixed>
void growing(Stages& stages, const Exercise& e, IsFixed isFixed) {
    constexpr std::size_t kMostSteps = 12;
    const auto places = placesOf(onlyStrokes(e, [&](const Stroke& s) { return !isFixed(s); }));
    const std::size_t step = (places.size() + kMostSteps - 1) / kMostSteps;
    for (std::size_t count = std::max<std::size_t>(step, 2); count < places.size(); count += step)
        stages.add(Text::with(UPBEAT_TEXT("the first %1 notes"), count),
                   onlyStrokes(e, [&](const Stroke& s) { return isFixed(s) || s.at < places[count]; }));
}

}  // namespace

void grow(Stages& stages, const Exercise& e) {
    growing(stages, e, [](const Stroke&) { return false; });
    stages.addWhole();
}

/// Feet keep on where both hands and feet play; among hands alone the busier one does.
void keepAndGrow(Stages& stages, const Exercise& e) {
    const auto work = workOfLimbs(e);
    const int hands = work[0] + work[1];
    const int feet = work[2] + work[3];
    if (hands == 0 || (feet == 0 && (work[0] == 0 || work[1] == 0))) return;
    const Limb busier = work[0] >= work[1] ? Limb::RightHand : Limb::LeftHand;
    const auto isKept = [&](const Stroke& s) { return feet > 0 ? !isHand(s.limb) : s.limb == busier; };
    stages.add(UPBEAT_TEXT("what keeps on"), onlyStrokes(e, isKept));
    growing(stages, e, isKept);
    stages.addWhole();
}

}  // namespace upbeat
