#include "hidden_strokes.h"

#include <cmath>

namespace upbeat {

std::vector<bool> shareHidden(const std::vector<PageEvent>& events, const std::vector<Hit>& hits, Assignment& found) {
    constexpr double kTogetherS = 1e-4;
    std::vector<bool> hidden(events.size());
    for (std::size_t i = 0; i < events.size(); ++i) {
        if (found.hitOfEvent[i] != kNone || events[i].role == Role::Grace) continue;
        const auto isTogether = [&](std::size_t k) {
            return std::abs(events[k].gridS - events[i].gridS) <= kTogetherS;
        };
        std::size_t k = i;
        while (k > 0 && isTogether(k - 1)) --k;
        for (; k < events.size() && isTogether(k); ++k) {
            if (hidden[k] || found.hitOfEvent[k] == kNone || events[k].role == Role::Grace) continue;
            const Hit& hit = hits[static_cast<std::size_t>(found.hitOfEvent[k])];
            if ((hit.hides & bitOf(instrumentOf(events[i].voice))) == 0) continue;
            found.hitOfEvent[i] = found.hitOfEvent[k];
            hidden[i] = true;
            break;
        }
    }
    return hidden;
}

}  // namespace upbeat
