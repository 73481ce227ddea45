#include "upbeat/align/events.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

/// A number of its own for every stroke of the exercise and each of its grace notes.
int habitOf(const WrittenStroke& w) {
    constexpr int kMostGraceNotes = 8;
    return w.stroke * kMostGraceNotes + (w.role == Role::Grace ? w.grace + 1 : 0);
}

}  // namespace

AskedRange askedRange(const PageEvent& event, const std::vector<WrittenStroke>& page) {
    const auto askedOf = [&page](int index) { return page[static_cast<std::size_t>(index)].askedS; };
    AskedRange range{askedOf(event.written.front()), askedOf(event.written.front())};
    for (const int index : event.written) {
        range.from = std::min(range.from, askedOf(index));
        range.to = std::max(range.to, askedOf(index));
    }
    return range;
}

std::vector<PageEvent> eventsOf(const Exercise& exercise, const std::vector<WrittenStroke>& page, bool apart) {
    constexpr double kTogetherS = 1e-4;
    std::vector<PageEvent> events;
    for (std::size_t i = 0; i < page.size(); ++i) {
        const WrittenStroke& w = page[i];
        const Level level = exercise.strokes[static_cast<std::size_t>(w.stroke)].level;
        const bool grace = w.role == Role::Grace;
        const bool joins = !apart && !grace && !events.empty() && events.back().role == Role::Main &&
                           std::abs(events.back().gridS - w.gridS) < kTogetherS;
        if (!joins) {
            events.push_back({w.gridS,
                              w.stepS,
                              w.role,
                              grace ? Level::Ghost : level,
                              exercise.strokes[static_cast<std::size_t>(w.stroke)].voice,
                              grace,
                              habitOf(w),
                              {}});
        }
        events.back().written.push_back(static_cast<int>(i));
        if (!grace) {
            const Ornament ornament = exercise.strokes[static_cast<std::size_t>(w.stroke)].ornament;
            events.back().ornamented |= graceNotes(ornament) > 0;
            events.back().level = std::max(events.back().level, level);
        }
    }
    return events;
}

}  // namespace upbeat
