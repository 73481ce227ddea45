#include "strokes/stroke_shape.h"

#include <cmath>

namespace upbeat {

StrokeShape shapeStroke(const QPointF& foot, double offsetMs, double relativeDb, Limb limb, const StrokeScale& scale,
                        double askedMs) {
    StrokeShape shape;
    shape.foot = foot;
    shape.tip = {foot.x() + strokeLean(offsetMs, scale), foot.y() - strokeHeight(relativeDb, scale)};
    shape.beyondScale = std::abs(offsetMs) > scale.fullLeanMs;
    shape.lean = leanFor(offsetMs - askedMs, scale);
    shape.footKind = footOf(limb);
    return shape;
}

}  // namespace upbeat
