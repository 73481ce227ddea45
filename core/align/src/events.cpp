#include "upbeat/align/events.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

std::vector<PageEvent> eventsOf(const Exercise& exercise, const std::vector<WrittenStroke>& page) {
    constexpr double kTogetherS = 1e-4;
    std::vector<PageEvent> events;
    for (std::size_t i = 0; i < page.size(); ++i) {
        const WrittenStroke& w = page[i];
        const Level level = exercise.strokes[static_cast<std::size_t>(w.stroke)].level;
        const bool grace = w.role == Role::Grace;
        const bool joins = !grace && !events.empty() && events.back().role == Role::Main &&
                           std::abs(events.back().gridS - w.gridS) < kTogetherS;
        if (!joins) {
            events.push_back({w.gridS, w.stepS, w.role, grace ? Level::Ghost : level, {}});
        }
        events.back().written.push_back(static_cast<int>(i));
        if (!grace) events.back().level = std::max(events.back().level, level);
    }
    return events;
}

}  // namespace upbeat
