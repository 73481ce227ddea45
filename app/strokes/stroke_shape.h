#pragma once

#include <QPointF>

#include "upbeat/field/stroke_scale.h"

namespace upbeat {

/// Where a stroke is drawn.
struct StrokeShape {
    QPointF foot;
    QPointF tip;
    Lean lean = Lean::Upright;
    bool beyondScale = false;
    Foot footKind = Foot::Dot;
};

/// It is early or late against what is asked, and leans against the click.
[[nodiscard]] StrokeShape shapeStroke(const QPointF& foot, double offsetMs, double relativeDb, Limb limb,
                                      const StrokeScale& scale, double askedMs = 0);

}  // namespace upbeat
