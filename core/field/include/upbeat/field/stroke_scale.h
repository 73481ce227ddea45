#pragma once

#include "upbeat/music/exercise.h"

namespace upbeat {

/// The one fixed scale on which every stroke leans and stands, wherever it is drawn.
struct StrokeScale {
    double fullLeanMs = 30;  ///< Offset at which the tip has moved `reach` sideways; beyond it the tip is marked.
    double reach = 14;       ///< Pixels.
    double fullHeight = 60;  ///< Pixels of a stroke at the accent level (0 dB).
    double quietDb = -34;    ///< Level at which a stroke has no height left.
    double noticeMs = 6;     ///< Smaller offsets stay in ink: nobody hears them.
};

enum class Lean { Upright, Early, Late };
enum class Foot { Dot, Ring, Bar };

/// Height in pixels of a level in dB against the accent (0 dB); never below a fifteenth of the full height, so that
/// even a whisper can be seen.
[[nodiscard]] double strokeHeight(double relativeDb, const StrokeScale& scale);

/// Sideways movement of the tip for an offset, plus to the right (late).
[[nodiscard]] double strokeLean(double offsetMs, const StrokeScale& scale);

/// Which way an offset leans, once it can be heard.
[[nodiscard]] Lean leanFor(double offsetMs, const StrokeScale& scale);

[[nodiscard]] Foot footOf(Limb limb);

}  // namespace upbeat
