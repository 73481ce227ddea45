#pragma once

#include <string>

#include "upbeat/units/beats.h"

namespace upbeat {

/// A time signature. Tempo counts its beats: quarters in x/4, halves in x/2, dotted quarters in 6/8, 9/8 and 12/8,
/// eighths in the other x/8 meters.
struct Meter {
    int count = 4;
    int unit = 4;

    friend bool operator==(const Meter&, const Meter&) = default;

    [[nodiscard]] Beats barLength() const { return {4 * count, unit}; }
    /// Length of one counted beat, in quarter notes.
    [[nodiscard]] Beats beatLength() const;
    /// Counted beats in a bar.
    [[nodiscard]] int beatsPerBar() const;
    [[nodiscard]] std::string toString() const;
};

/// A tempo that counts the beats of one meter, in the beats of another: the strokes are as fast as before.
[[nodiscard]] double inBeatsOf(const Meter& meter, double bpm, const Meter& counted);

/// Meters the program accepts: 1 to 15 over 2, 4, 8 or 16.
[[nodiscard]] bool isSupported(const Meter& meter);

}  // namespace upbeat
