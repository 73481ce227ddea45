#pragma once

#include <QPointF>
#include <optional>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// The one fixed scale on which every stroke leans and stands.
struct StrokeScale {
    double fullLeanMs = 30;  ///< Offset at which the tip has moved `reach` sideways; beyond it the tip is marked.
    double reach = 14;       ///< Pixels.
    double fullHeight = 60;  ///< Pixels of a stroke at the accent level (0 dB).
    double quietDb = -34;    ///< Level at which a stroke has no height left.
    double noticeMs = 6;     ///< Smaller offsets stay in ink: nobody hears them.
};

enum class Lean { Upright, Early, Late };
enum class Foot { Dot, Ring, Bar };

/// Where a stroke is drawn.
struct StrokeShape {
    QPointF foot;
    QPointF tip;
    Lean lean = Lean::Upright;
    bool beyondScale = false;
    Foot footKind = Foot::Dot;
};

/// Height in pixels of a level in dB against the accent (0 dB); never below a fifteenth of the full height, so that
/// even a whisper can be seen.
[[nodiscard]] double strokeHeight(double relativeDb, const StrokeScale& scale);

/// Sideways movement of the tip for an offset, plus to the right (late).
[[nodiscard]] double strokeLean(double offsetMs, const StrokeScale& scale);

/// It is early or late against what is asked, and leans against the click.
[[nodiscard]] StrokeShape shapeStroke(const QPointF& foot, double offsetMs, double relativeDb, Limb limb,
                                      const StrokeScale& scale, double askedMs = 0);

[[nodiscard]] Foot footOf(Limb limb);

}  // namespace upbeat
