#pragma once

#include <optional>

#include "upbeat/signal/loop_watch.h"
#include "upbeat/take/take_record.h"

namespace upbeat {

/// What is known, before a take is listened to, of the time from a click in the program to its sound in the recording.
struct KnownLoop {
    std::optional<double> latencyS;  ///< Measured by a calibration of this input, or typed in.
    double uncertainMs = 0;
    bool isMeasured = false;  ///< By a calibration.
};

/// By what a take stands that goes by this alone.
[[nodiscard]] Anchor anchorOf(const KnownLoop& known);

/// What the click in a take has told.
enum class AnchorNews {
    Nothing,    ///< Not heard, or it needs no saying.
    Confirmed,  ///< The calibration holds.
    Moved,      ///< Another latency than the calibrated one holds: the take is measured by its own click.
    Jumped,     ///< It changes in the take: what follows is not measured.
};

/// Decides by what the take is measured and enters latency, kind and uncertainty in its frame: the click that was heard
/// in it, else what is known, else nothing. Where nothing is known and the click is not heard, the strokes themselves
/// say roughly where the page lies, so that evenness and all that is relative can be told, and no placement is.
AnchorNews anchorTake(TakeRecord& take, const LoopCheck& check, const KnownLoop& known);

/// The latency, from 0 to `longestS`, by which most strokes of the page find a hit; 0 where there are no hits.
[[nodiscard]] double latencyByStrokes(const TakeRecord& take, double longestS);

}  // namespace upbeat
