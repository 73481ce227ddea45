#pragma once

namespace upbeat {

/// Which instrument sounds, and how it is struck.
enum class Voice {
    Snare,
    RimShot,
    CrossStick,
    SnareEdge,
    Kick,
    HiHatClosed,
    HiHatLoose,
    HiHatOpen,
    HiHatFoot,
    Ride,
    RideBell,
    Crash,
    TomHigh,
    TomMid,
    TomLow,
    Pad,
};
inline constexpr int kVoiceCount = 16;

}  // namespace upbeat
