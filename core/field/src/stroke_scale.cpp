#include "upbeat/field/stroke_scale.h"

#include <algorithm>

namespace upbeat {

double strokeHeight(double relativeDb, const StrokeScale& scale) {
    constexpr double kTallest = 1.2;
    constexpr double kShortest = 1.0 / 15.0;
    const double share = 1.0 - relativeDb / scale.quietDb;
    return scale.fullHeight * std::clamp(share, kShortest, kTallest);
}

double strokeLean(double offsetMs, const StrokeScale& scale) {
    return scale.reach * std::clamp(offsetMs / scale.fullLeanMs, -1.0, 1.0);
}

Lean leanFor(double offsetMs, const StrokeScale& scale) {
    if (offsetMs <= -scale.noticeMs) return Lean::Early;
    return offsetMs >= scale.noticeMs ? Lean::Late : Lean::Upright;
}

Foot footOf(Limb limb) {
    if (!isHand(limb)) return Foot::Bar;
    return limb == Limb::RightHand ? Foot::Dot : Foot::Ring;
}

}  // namespace upbeat
