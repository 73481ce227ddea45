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
    CrashChoked,  ///< A crash stopped by hand at once.
};
inline constexpr int kVoiceCount = 17;

/// What is struck, however it is struck: the hi-hat's pedal aside, each instrument by the first of its voices.
[[nodiscard]] constexpr Voice instrumentOf(Voice voice) {
    switch (voice) {
        case Voice::RimShot:
        case Voice::CrossStick:
        case Voice::SnareEdge:
            return Voice::Snare;
        case Voice::HiHatLoose:
        case Voice::HiHatOpen:
            return Voice::HiHatClosed;
        case Voice::RideBell:
            return Voice::Ride;
        case Voice::CrashChoked:
            return Voice::Crash;
        default:
            return voice;
    }
}

/// Whether a foot strikes it: bass drum and foot hi-hat.
[[nodiscard]] constexpr bool isStruckByFoot(Voice voice) {
    return voice == Voice::Kick || voice == Voice::HiHatFoot;
}

}  // namespace upbeat
