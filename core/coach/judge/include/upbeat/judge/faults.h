#pragma once

#include <variant>

#include "upbeat/measure/groups.h"

namespace upbeat {

// What a take can show beyond doubt, one struct each; the figure, the stroke and how often it happens stand in the
// Finding. What is said of them is in `words`.

/// One group of strokes comes before or behind another.
struct GroupApart {
    StrokeGroup group;
    StrokeGroup against;
};
/// A count comes early or late, pass after pass.
struct CountLeans {};
/// All strokes of a class come early or late: ghosts, taps or accents.
struct ClassLeans {};
/// The same part of every beat comes early or late, as each "&".
struct PartLeans {
    PartOfBeat part;
};
/// What follows a rest comes early or late.
struct EntriesLean {};
/// A section lies early or late beside the others, or is louder or softer.
struct SectionLeans {};
struct SectionOutOfLevel {};
/// A count is out of the level of its kind.
struct CountOutOfLevel {};
struct CountMissing {};
struct CountOnAnotherDrum {};
/// A count sounds unlike the others of its kind.
struct CountSoundsOdd {};
struct HitsScatter {
    double limitMs = 0;
};
struct UnwrittenStrokes {
    int strokes = 0;
};
struct AccentsTooLow {
    double neededDb = 0;
};
struct GhostsTooHigh {
    double neededDb = 0;
};
struct SwingsOtherwise {
    double targetRatio = 1;
};
struct PulseDrifts {};
/// The pulse drifts while the click is silent.
struct SilenceDrifts {};
/// When the click comes back, or the page, the player is off, now here, now there.
struct ReturnsOff {
    int jumps = 0;  ///< So often from one beat to the next.
    bool free = false;
};
/// Free spans hold another number of notes than they ask for.
struct FreeNotesMiscounted {
    int spaces = 0;  ///< With a wrong number,
    int of = 0;
};
/// The notes of a free span are uneven, or take longer (plus) or less time than written.
struct FreeNotesUneven {};
struct FreeNotesStretched {};
struct GraceUneven {};
/// Grace notes are too wide to be one flam.
struct GraceTooWide {};
/// Grace notes run into the stroke.
struct GraceTooNear {};
/// The player stopped, or lost the place and went on whole beats late (plus) or early (minus), or left sections out, or
/// played some once more.
struct PlaceLost {
    int bar = 1;
    int beat = 1;
    int strokes = 0;  ///< That are not there.
    int beatsLate = 0;
    int leftOutThrough = 0;  ///< The last bar of the sections that were left out; 0: none were.
    int againFrom = 0;       ///< The first bar of the sections that were played once more before `bar`; 0: none were.
};
/// The beat on which the subdivision changes is too long or too short.
struct BeatAtChange {
    int strokesBefore = 0;
    int strokesAfter = 0;
};
/// Second strokes of doubles against the first: in level, and in time.
struct SecondsLevel {};
struct SecondsTime {};
/// Accents in a row fade or grow.
struct AccentsFade {
    int length = 0;
};
/// A crescendo or diminuendo covers less or more than is written.
struct SwellFails {
    bool rises = true;
    double playedDb = 0;
    double writtenDb = 0;
};
/// A written dynamic is played too loud or too soft.
struct DynamicOff {
    double writtenDb = 0;
};
/// Two voices that fall together do not.
struct VoicesApart {
    Voice voice = Voice::Pad;
    Voice against = Voice::Pad;
    bool told = true;  ///< Which of them comes first.
};
struct RollOpens {};
struct RollStopsShort {};
/// A placement beside the click that is asked for is not played: the figure is where it is played instead.
struct FeelMissed {
    double askedMs = 0;  ///< Plus is behind the click.
};
/// The left hand is louder or softer than the right: at the level of the finding, or at all.
struct LeftHandLevel {};

using Fault = std::variant<GroupApart, CountLeans, ClassLeans, PartLeans, EntriesLean, SectionLeans, SectionOutOfLevel,
                           CountOutOfLevel, CountMissing, CountOnAnotherDrum, CountSoundsOdd, HitsScatter,
                           UnwrittenStrokes, AccentsTooLow, GhostsTooHigh, SwingsOtherwise, PulseDrifts, SilenceDrifts,
                           ReturnsOff, FreeNotesMiscounted, FreeNotesUneven, FreeNotesStretched, GraceUneven,
                           GraceTooWide, GraceTooNear, PlaceLost, BeatAtChange, SecondsLevel, SecondsTime, AccentsFade,
                           SwellFails, DynamicOff, VoicesApart, RollOpens, RollStopsShort, FeelMissed, LeftHandLevel>;

}  // namespace upbeat
