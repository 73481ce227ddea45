#pragma once

#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/units/quantity.h"

namespace upbeat {

enum class Role { Main, Grace };

/// One written stroke at the time it should sound in a take: the exercise unrolled over its passes.
struct WrittenStroke {
    int pass = 1;    ///< From 1.
    int stroke = 0;  ///< Index into Exercise::strokes.
    Role role = Role::Main;
    int grace = 0;      ///< For grace notes: 0 is the one nearest the main stroke.
    double gridS = 0;   ///< Seconds after beat 1 of bar 1, swung as the feel asks; for a grace note a typical place.
    double stepS = 0;   ///< Distance to the nearest other written position: the local grid step.
    double askedS = 0;  ///< Where it is asked for beside that: plus is behind the click.
};

/// Typical distance of a grace note before what follows it. A flam is free within 10-45 ms; the match allows for that.
inline constexpr double kTypicalGraceS = 0.028;

/// The page of `passes` repetitions at a tempo, in order of time.
[[nodiscard]] std::vector<WrittenStroke> writeOut(const Exercise& exercise, Bpm tempo, int passes);

/// Seconds from the start of a pass to a place in it, and the place that is reached after that time: in quarter notes,
/// changes of tempo on the way included.
[[nodiscard]] double secondsAt(const Exercise& exercise, Bpm tempo, double quarters);
[[nodiscard]] double quartersAt(const Exercise& exercise, Bpm tempo, double seconds);

/// The place that is reached so many seconds after the start of a pass, as a share of the written phrase.
[[nodiscard]] double placeAt(const Exercise& exercise, Bpm tempo, double seconds);

/// Seconds of one pass.
[[nodiscard]] double passDurationS(const Exercise& exercise, Bpm tempo);

/// Seconds from beat 1 of bar 1 to the start of bar `bar` of a take, counted from 0 and on over the passes.
[[nodiscard]] double barStartS(const Exercise& exercise, Bpm tempo, int bar);
/// How many bars lie before a time of the take, with the part of the last one: the reverse of barStartS.
[[nodiscard]] double barsBefore(const Exercise& exercise, Bpm tempo, double seconds);
/// Seconds of a bar, on average where meter or tempo change.
[[nodiscard]] double barDurationS(const Exercise& exercise, Bpm tempo);

/// Where a stroke written there sounds, in quarter notes: swung as the feel asks. Swing starts anew with every bar, and
/// what a bar line cuts off is straight.
[[nodiscard]] double soundingQuarter(const Exercise& exercise, const Beats& at, const Feel& feel);

/// The feel of an exercise at a tempo: a swing that goes by the tempo has its ratio.
[[nodiscard]] Feel feelOf(const Exercise& exercise, Bpm tempo);

/// Where the strokes of an exercise sound in a pass, in seconds from its start: swung as a feel asks, at the tempo
/// their bars go.
[[nodiscard]] std::vector<double> strokesInPassS(const Exercise& exercise, Bpm tempo, const Feel& feel);

/// The shortest written step of an exercise at a tempo, in ms: what limits are set against.
[[nodiscard]] double shortestStepMs(const Exercise& exercise, Bpm tempo);

/// Seconds per quarter note at a tempo that counts the meter's beats, where nothing changes it.
[[nodiscard]] double quarterS(const Meter& meter, Bpm tempo);

}  // namespace upbeat
