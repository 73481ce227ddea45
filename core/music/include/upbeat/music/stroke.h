#pragma once

#include <array>
#include <optional>
#include <string_view>

#include "upbeat/units/beats.h"
#include "upbeat/units/voice.h"

namespace upbeat {

enum class Limb { RightHand, LeftHand, RightFoot, LeftFoot };

/// The three working levels, softest first.
enum class Level { Ghost, Tap, Accent };

/// Notes that hang on a main stroke. A flam has one grace note, a drag two, a ruff three; a closed roll fills the
/// stroke's length with bounces.
enum class Ornament { None, Flam, Drag, Ruff, ClosedRoll };

/// One written stroke. `at` counts quarter notes from the start of the phrase, straight (swing is applied by the feel).
struct Stroke {
    Beats at;
    Voice voice = Voice::Pad;
    Limb limb = Limb::RightHand;
    Level level = Level::Tap;
    Ornament ornament = Ornament::None;
    bool anchor = false;  ///< Must be met even inside a free span.

    friend bool operator==(const Stroke&, const Stroke&) = default;
};

[[nodiscard]] constexpr bool isHand(Limb limb) {
    return limb == Limb::RightHand || limb == Limb::LeftHand;
}
[[nodiscard]] constexpr Limb otherSide(Limb limb) {
    switch (limb) {
        case Limb::RightHand:
            return Limb::LeftHand;
        case Limb::LeftHand:
            return Limb::RightHand;
        case Limb::RightFoot:
            return Limb::LeftFoot;
        default:
            return Limb::RightFoot;
    }
}
[[nodiscard]] constexpr int graceNotes(Ornament ornament) {
    switch (ornament) {
        case Ornament::Flam:
            return 1;
        case Ornament::Drag:
            return 2;
        case Ornament::Ruff:
            return 3;
        default:
            return 0;
    }
}

// Names as they stand in files; each has a reader that gives nothing for an unknown word.
[[nodiscard]] std::string_view toName(Voice voice);
[[nodiscard]] std::string_view toName(Limb limb);
[[nodiscard]] std::string_view toName(Level level);
[[nodiscard]] std::string_view toName(Ornament ornament);
[[nodiscard]] std::optional<Voice> voiceFromName(std::string_view name);
[[nodiscard]] std::optional<Limb> limbFromName(std::string_view name);
[[nodiscard]] std::optional<Level> levelFromName(std::string_view name);
[[nodiscard]] std::optional<Ornament> ornamentFromName(std::string_view name);

/// The word a drummer would say: "snare", "hi-hat", "left hand".
[[nodiscard]] std::string_view spokenName(Voice voice);
[[nodiscard]] std::string_view spokenName(Limb limb);
/// "R", "L" or "F", as the contracts ask.
[[nodiscard]] std::string_view handLetter(Limb limb);

}  // namespace upbeat
