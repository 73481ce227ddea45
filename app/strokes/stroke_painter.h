#pragma once

#include <QPainter>

#include "strokes/stroke_shape.h"
#include "theme/theme.h"

namespace upbeat {

/// Draws strokes and what stands behind them. `width` is the thickness of a stroke in pixels.
class StrokePainter {
  public:
    StrokePainter(QPainter& painter, const Theme& theme, double width)
        : m_painter(painter), m_theme(theme), m_width(width) {}

    /// The pale bar of a written stroke; `lean`: how far its top is asked for beside the click, in pixels.
    void target(const QPointF& foot, double height, double lean = 0) const;
    /// `faded`: steps back behind what the eye should find.
    void stroke(const StrokeShape& shape, bool faded = false) const;
    /// A stroke that was heard in the sound of another one: only a foot, joined to the other's.
    void joined(const QPointF& foot, const QPointF& other, Limb limb) const;
    /// A written stroke nobody played: an empty bar with a gap mark.
    void missed(const QPointF& foot, double height) const;
    /// A hit nobody wrote: it stands on a dotted foot.
    void unwritten(const QPointF& foot, double height) const;
    /// Something sounded that was no stroke: a pale dotted ring, nothing stands on it.
    void sounded(const QPointF& foot) const;
    /// The interval of an average stroke: a wedge from the foot to the two ends of the interval at the tip's height.
    void wedge(const QPointF& foot, double leftLean, double rightLean, double height) const;

  private:
    [[nodiscard]] QColor colour(Lean lean) const;
    void drawFoot(const StrokeShape& shape, const QColor& colour) const;

    QPainter& m_painter;
    const Theme& m_theme;
    double m_width;
};

}  // namespace upbeat
