#pragma once

#include <vector>

#include "upbeat/take/start.h"

namespace upbeat {

// From a page and hits to readings that are worth a closer look.

/// A sound that may be a stroke; sounds nearer than a grace note are one.
struct HeardNote {
    double timeS = 0;
    double levelDb = 0;
    double upwards = 0;  ///< How much more sounds in the high bands than in the low ones, dB.
    bool firm = false;   ///< A stroke by itself; others are only where the page asks for one.
};

/// A written position of the page.
struct PageNote {
    double beats = 0;  ///< After beat 1 of bar 1, in beats of the meter.
    double step = 0;   ///< To the nearest other position, in beats.
    double level = 0;  ///< 0 ghost, 1 tap, 2 accent: the loudest written there.
    double upwards = 0;
};

[[nodiscard]] std::vector<HeardNote> notesOf(const std::vector<Hit>& hits);
/// As many positions as a take of `count` notes can hold.
[[nodiscard]] std::vector<PageNote> positionsOf(const Exercise& exercise, std::size_t count);

/// The best readings, best first, each unlike the others in tempo or in its first beat.
[[nodiscard]] std::vector<StartReading> likelyReadings(const std::vector<PageNote>& page,
                                                       const std::vector<HeardNote>& notes, const StartKnown& known);

/// Whether two readings say the same.
[[nodiscard]] bool isSameReading(const StartReading& a, const StartReading& b);

}  // namespace upbeat
