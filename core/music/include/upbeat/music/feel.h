#pragma once

#include "upbeat/music/meter.h"
#include "upbeat/units/beats.h"

namespace upbeat {

enum class SwingLevel { None, Eighth, Sixteenth };

/// Straight, or swung at one level with `ratio` = first part : second part (1 straight, 2 triplet, 3 dotted).
struct Feel {
    SwingLevel level = SwingLevel::None;
    double ratio = 1.0;
    bool byTempo = false;  ///< The ratio follows the tempo (see ratioAt); `ratio` is not used.

    friend bool operator==(const Feel&, const Feel&) = default;

    [[nodiscard]] bool isSwung() const { return level != SwingLevel::None; }
};

/// The feel with the ratio it has at a tempo in quarter notes: for a feel that goes by tempo, falling in a line from
/// 3.5 : 1 at 100 bpm to 1 : 1 at 300 (the means of Friberg & Sundstrom 2002).
[[nodiscard]] Feel feelAt(const Feel& feel, double quarterBpm);

inline constexpr double kSmallestSwing = 0.5;
inline constexpr double kLargestSwing = 4.0;

/// The length that is divided long-short: a quarter for swung eighths, an eighth for swung sixteenths.
[[nodiscard]] Beats swungSpan(SwingLevel level);

/// Where a straight position sounds under the feel, in quarter notes. Inside each swung span the first half stretches
/// to ratio/(ratio+1) of it and the second half shrinks to match; the span's ends stay where they are. Positions that
/// divide the span in three keep their place: written triplets are not swung a second time.
[[nodiscard]] double swungPosition(const Beats& straight, const Feel& feel);

/// The off-beat's place in percent of the span: 50 straight, 66.7 triplet, 75 dotted.
[[nodiscard]] constexpr double offbeatPercent(double ratio) {
    return 100.0 * ratio / (ratio + 1.0);
}

}  // namespace upbeat
