#pragma once

#include <cstddef>
#include <cstdint>
#include <span>
#include <vector>

#include "upbeat/music/exercise.h"

namespace upbeat {

// Where bars and beats lie in a phrase whose meter may change. Places outside the phrase are counted on: in its first
// meter before it, in its last behind it. Everything is in quarter notes from the start of the phrase.

struct Bar {
    int number = 1;  ///< From 1.
    Beats start;
    Meter meter;
    std::int64_t firstBeat = 0;  ///< Beats of the phrase before it.

    [[nodiscard]] Beats end() const { return start + meter.barLength(); }
};

/// One counted beat of a bar.
struct CountedBeat {
    int bar = 1;            ///< From 1.
    int number = 1;         ///< In the bar, from 1.
    std::size_t index = 0;  ///< In the phrase, from 0.
    Beats start;
    Beats length;

    [[nodiscard]] Beats end() const { return start + length; }
};

/// Bar `number`, from 1.
[[nodiscard]] Bar barOf(const Exercise& exercise, int number);

/// The bar that holds a position.
[[nodiscard]] Bar barAt(const Exercise& exercise, const Beats& at);

/// The beat that holds a position inside the phrase.
[[nodiscard]] CountedBeat beatAt(const Exercise& exercise, const Beats& at);

/// All beats of the phrase in order.
[[nodiscard]] std::vector<CountedBeat> beatsOf(const Exercise& exercise);

/// The strokes in [from, to) of an exercise whose strokes are in order.
[[nodiscard]] std::span<const Stroke> strokesIn(const Exercise& exercise, const Beats& from, const Beats& to);
/// The first stroke at or behind the start of bar `number`; the number of strokes where none is.
[[nodiscard]] int firstStrokeOf(const Exercise& exercise, int number);

/// Whether a position is the start of a bar; the end of the phrase counts as one.
[[nodiscard]] bool isBarLine(const Exercise& exercise, const Beats& at);
/// Whether a position is the start of a beat.
[[nodiscard]] bool isOnBeat(const Exercise& exercise, const Beats& at);

/// The meter of every bar, and the other way round: the phrase gets as many bars as meters are given (1 or more).
[[nodiscard]] std::vector<Meter> metersOf(const Exercise& exercise);
void setMeters(Exercise& exercise, const std::vector<Meter>& meters);

/// "4/4", or "4/4, 3/4" where the meter changes: each once, in order of appearance.
[[nodiscard]] std::string metersInWords(const Exercise& exercise);

}  // namespace upbeat
