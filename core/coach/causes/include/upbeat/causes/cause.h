#pragma once

#include <optional>
#include <variant>
#include <vector>

#include "upbeat/measure/groups.h"

namespace upbeat {

// Why strokes lie where they lie: what one number says for many of them. Which of them are at work in a take, the
// search tells (explain.h).

/// The pulse moves over the take; in ms a bar.
struct PulseMoves {};
/// The pulse moves while the click is silent, and is back when it sounds again; in ms a bar.
struct SilenceMoves {};
/// Every stroke of a hand, of a voice or of a class lies apart from the others.
struct LimbLies {
    Limb limb = Limb::LeftHand;
};
struct VoiceLies {
    Voice voice = Voice::Pad;
};
struct ClassLies {
    Level level = Level::Tap;
};
/// The off-beats of a swung line, all alike.
struct OffbeatsLie {};
/// The same part of every beat, as each "&".
struct PartLies {
    PartOfBeat part;
};
/// The beat that begins with `stroke`, where the subdivision changes, is too long or too short; the player is back
/// where it changes again.
struct BeatStretches {
    int stroke = 0;
    int strokesBefore = 0;  ///< Strokes in a beat, before the change and after it.
    int strokesAfter = 0;
};
/// The second strokes of doubles.
struct SecondsLie {};
/// What follows a rest.
struct EntriesLie {};
/// The section that begins at this bar: a fill between two grooves.
struct SectionLies {
    int bar = 1;
};
/// One count, with all that is struck on it.
struct CountLies {
    int stroke = 0;  ///< The first of those that are written there.
};
/// One stroke of several that are struck together.
struct StrokeLies {
    int stroke = 0;
};
/// The strokes of a hand within one class: of levels.
struct HandInClass {
    Limb limb = Limb::LeftHand;
    Level level = Level::Tap;
};

using CauseOf = std::variant<PulseMoves, SilenceMoves, LimbLies, VoiceLies, ClassLies, OffbeatsLie, PartLies,
                             BeatStretches, SecondsLie, EntriesLie, SectionLies, CountLies, StrokeLies, HandInClass>;

/// One thing that is at work in a take.
struct Cause {
    CauseOf of;
    Figure size;               ///< What it makes up with all others taken off; ms, ms a bar or dB.
    std::vector<int> strokes;  ///< The strokes of the phrase that it moves; empty where it moves all.
};

}  // namespace upbeat
