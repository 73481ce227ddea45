#pragma once

#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/units/error.h"

namespace upbeat {

// Where the tempo of a page changes. A ladder climbs in the tempo of the page; what changes on the way is written as a
// share of it, so that the page keeps its shape at every rung.

/// How long the quarter notes of a bar last, in quarters of the page's tempo.
struct BarPace {
    double first = 1;  ///< At the start of the bar.
    double last = 1;   ///< At its end; between them it moves evenly from quarter to quarter.
    double held = 0;   ///< Quarters of the page's tempo that are added behind the bar.

    /// How long the first `part` (0 to 1) of a bar of so many quarters lasts, what is held behind it left out.
    [[nodiscard]] double lengthTo(double part, double quarters) const {
        return quarters * part * (first + 0.5 * (last - first) * part);
    }
    /// The part of the bar that has passed after that time, at most 1: the reverse.
    [[nodiscard]] double partAt(double length, double quarters) const;

    friend bool operator==(const BarPace&, const BarPace&) = default;
};

/// One for every bar; none where neither the tempo changes nor a bar is held.
[[nodiscard]] std::vector<BarPace> pacesOf(const Exercise& exercise);
/// The other way round. A gradual change over several bars becomes one for each of them.
void setPaces(Exercise& exercise, const std::vector<BarPace>& paces);

/// Enters a change in the place of those in its bars; one that changes nothing is none.
void setTempoChange(Exercise& exercise, const TempoChange& change);
/// The same as other programs write it: from a bar on so many times the page's tempo, to a tenth of a percent and
/// within what a page can hold.
void setTempoFrom(Exercise& exercise, int bar, double share);

/// The tempo of the bars [from, to] as a share of the page's, on average; held ends left out.
[[nodiscard]] double shareOfTempo(const Exercise& exercise, int from, int to);

/// Nothing where tempo changes and held bars are in order, inside the piece and in range.
[[nodiscard]] Result<void> checkTempoChanges(const Exercise& exercise);

/// From written places to those of an even tempo and back, in quarter notes from the start of the phrase. Places
/// outside the phrase go on at the pace of its first or last bar.
class TempoMap {
  public:
    explicit TempoMap(const Exercise& exercise);

    [[nodiscard]] double evenAt(double written) const;
    [[nodiscard]] double writtenAt(double even) const;

  private:
    struct Span {
        double written;  // start
        double even;     // start
        double quarters;
        BarPace pace;
    };
    std::vector<Span> m_bars;  // empty: all is even
};

}  // namespace upbeat
