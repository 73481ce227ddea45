#pragma once

#include <array>
#include <span>
#include <string>
#include <vector>

#include "upbeat/music/exercise.h"

namespace upbeat {

// Each gives a changed copy; strokes keep their order. What cannot be done leaves the exercise as it is, unless an
// error is documented.

/// The other lead hand: every stroke of the hands to the other hand.
[[nodiscard]] Exercise mirrored(Exercise exercise);

/// Strokes a hand or foot plays, by limb.
[[nodiscard]] std::array<int, 4> workOfLimbs(const Exercise& exercise);

/// The same strokes under another meter, from bar 1 on: two bars of cut time as one bar of 4/4 and back. An error where
/// the phrase does not fill whole bars of it, or fills more than kMostBars. The tempo is kept for the strokes: the plan
/// is given in the new meter's beats.
[[nodiscard]] Result<Exercise> rebarred(Exercise exercise, const Meter& meter);

/// One bar (from 1) in another meter; what follows moves along with its bars. An error where a stroke would fall out of
/// the bar, or where it is the first of several and the tempo would count other beats.
[[nodiscard]] Result<Exercise> withBarIn(Exercise exercise, int bar, const Meter& meter);

/// Re-voicing by rule (N4). Voices already sounding at that place stay where they are.
enum class Revoicing {
    HandsOnRideAndHat,  ///< The right hand to the ride, the left to the hi-hat.
    AccentsToToms,      ///< Accents of the right hand to the low tom, of the left to the high one.
    RightHandToBass,    ///< Everything the right hand plays by the right foot on the bass drum.
    AllOnThePad,        ///< Hands to the pad, one stroke a place.
};
[[nodiscard]] Exercise revoiced(Exercise exercise, Revoicing rule);

// Accent makers (N7). They set every stroke of the hands on a drum to tap or accent.
/// Accent on partial `k` (from 1) of every group of `size` strokes.
[[nodiscard]] Exercise accentEvery(Exercise exercise, int k, int size);
/// All accents moved `strokes` on, around the phrase.
[[nodiscard]] Exercise accentsMoved(Exercise exercise, int strokes);
/// Runs of accents of these lengths, each followed by as many taps.
[[nodiscard]] Exercise accentRuns(Exercise exercise, std::span<const int> lengths);

/// A bar built from groups of steps, hand to hand, each group accented and anchored at its start; groups listed in
/// `free` (from 0) are left to the player. An error where the sum does not fill whole bars: it says by how much.
[[nodiscard]] Result<Exercise> grouped(Exercise frame, std::span<const int> groups, const Beats& step,
                                       std::span<const int> free = {});

/// A roll of so many strokes from `at` on (N6): doubles from the leading hand, `step` apart, then the rest of the
/// strokes as accents. An odd roll ends on one accent that lasts two steps; ten ends on two. What the hands had on that
/// voice there is replaced. An error for fewer than 3 or more than 33 strokes, or where the roll does not fit the
/// phrase.
[[nodiscard]] Result<Exercise> withRoll(Exercise exercise, const Beats& at, Voice voice, int strokes, const Beats& step,
                                        Limb lead = Limb::RightHand);

/// An easier version of an exercise, and what was made easier. Its origin is the full
/// one.
struct EasierVersion {
    Text what;
    Exercise exercise;
};
/// Those that apply, easiest last: without ghosts, cymbal in beats, single strokes for doubles, no ornaments.
[[nodiscard]] std::vector<EasierVersion> easierVersions(const Exercise& exercise);

/// A form (N10) of sections, one after the other, each `times` over, in the frame's words and tempo: an error beyond
/// kMostBars, or where the first section counts other beats than the frame.
struct FormPart {
    Exercise exercise;
    int times = 1;
};
[[nodiscard]] Result<Exercise> formOf(Exercise frame, std::span<const FormPart> sections);

/// Bars `from` to `to` (from 1, both included) as a phrase of their own, the tempo plan in its beats.
[[nodiscard]] Exercise barsOf(const Exercise& exercise, int from, int to);

}  // namespace upbeat
