#pragma once

#include <vector>

#include "upbeat/music/page.h"

namespace upbeat {

/// What one microphone hears as one sound: the written strokes that fall together, or one grace note.
struct PageEvent {
    double gridS = 0;  ///< Expected time, seconds after beat 1 of bar 1.
    double stepS = 0;  ///< Distance to the nearest other written position.
    Role role = Role::Main;
    Level level = Level::Tap;  ///< Loudest of the strokes.
    bool ornamented = false;   ///< A grace note, or a main stroke with grace notes.
    int habit = 0;             ///< The same for an event and its repetitions in other passes.
    std::vector<int> written;  ///< Indices into the page.
};

/// Groups the page of an exercise into events, in order of time.
[[nodiscard]] std::vector<PageEvent> eventsOf(const Exercise& exercise, const std::vector<WrittenStroke>& page);

}  // namespace upbeat
