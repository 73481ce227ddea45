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
    Voice voice = Voice::Pad;  ///< Of the first of them.
    bool ornamented = false;   ///< A grace note, or a main stroke with grace notes.
    int habit = 0;             ///< The same for an event and its repetitions in other passes.
    std::vector<int> written;  ///< Indices into the page.
};

/// From where to where the strokes that fall together are asked for beside the click, in seconds.
struct AskedRange {
    double from = 0;
    double to = 0;
};
[[nodiscard]] AskedRange askedRange(const PageEvent& event, const std::vector<WrittenStroke>& page);

/// Groups the page of an exercise into events, in order of time. Where every voice is heard on its own (`apart`), each
/// stroke is an event.
[[nodiscard]] std::vector<PageEvent> eventsOf(const Exercise& exercise, const std::vector<WrittenStroke>& page,
                                              bool apart = false);

}  // namespace upbeat
