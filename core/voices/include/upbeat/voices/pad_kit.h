#pragma once

#include <array>
#include <optional>

#include "upbeat/signal/hit.h"

namespace upbeat {

inline constexpr int kPadKeys = 128;

/// A note that an electronic kit has sent.
struct PadNote {
    double timeS = 0;
    int key = 0;       ///< 0 to 127.
    int velocity = 0;  ///< 1 to 127.
    int pedal = -1;    ///< Controller 4 at that moment, 0 to 127; -1 as long as the kit has sent none.
};

/// Level of a velocity, dB: 127 is 0 and half the velocity is 12 dB less, as sound modules usually play it.
[[nodiscard]] double levelOfVelocity(int velocity);

/// How the player's own strokes come out of the pads: levelOfVelocity of their ghosts, taps and accents (medians), each
/// above the one before.
struct PadCurve {
    double ghostDb = 0;
    double tapDb = 0;
    double accentDb = 0;

    friend bool operator==(const PadCurve&, const PadCurve&) = default;
};

/// A curve from strokes that were asked for; none where the three cannot be told apart (less than 1 dB).
[[nodiscard]] std::optional<PadCurve> padCurve(double ghostDb, double tapDb, double accentDb);

/// What the notes of an electronic kit mean, as its owner has shown it.
struct PadKit {
    std::array<Voice, kPadKeys> voices{};  ///< By key: several keys may be one voice (zones, both sides of a rim).
    std::optional<PadCurve> curve;
    int pedalOpen = 0;  ///< What controller 4 says of an open hi-hat, and of a closed one.
    int pedalClosed = 127;

    friend bool operator==(const PadKit&, const PadKit&) = default;
};

/// The voice of a note. A hi-hat that is struck is closed, loose or open as the pedal says: from 0.7 of its way on
/// closed, up to 0.25 open. Where the pedal has never spoken, as the key says.
[[nodiscard]] Voice voiceOf(const PadKit& kit, const PadNote& note);
/// The note as a stroke. By the curve, the player's own ghosts, taps and accents come out at the levels that the page
/// asks for; in between it is a straight line in dB, and beyond it goes on as steep.
[[nodiscard]] Hit hitOf(const PadKit& kit, const PadNote& note);

}  // namespace upbeat
