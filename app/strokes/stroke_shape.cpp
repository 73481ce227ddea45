#include "strokes/stroke_shape.h"

#include <algorithm>
#include <cmath>

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

StrokeShape shapeStroke(const QPointF& foot, double offsetMs, double relativeDb, Limb limb, const StrokeScale& scale,
                        double askedMs) {
    StrokeShape shape;
    shape.foot = foot;
    shape.tip = {foot.x() + strokeLean(offsetMs, scale), foot.y() - strokeHeight(relativeDb, scale)};
    shape.beyondScale = std::abs(offsetMs) > scale.fullLeanMs;
    if (offsetMs - askedMs <= -scale.noticeMs) shape.lean = Lean::Early;
    if (offsetMs - askedMs >= scale.noticeMs) shape.lean = Lean::Late;
    shape.footKind = footOf(limb);
    return shape;
}

Foot footOf(Limb limb) {
    if (!isHand(limb)) return Foot::Bar;
    return limb == Limb::RightHand ? Foot::Dot : Foot::Ring;
}

}  // namespace upbeat
