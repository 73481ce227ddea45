#include "page_beats.h"

#include <cmath>

namespace upbeat {

std::vector<EventRun> blocksOf(std::span<const PageEvent> events, double beatS) {
    std::vector<EventRun> blocks;
    double beat = -1;
    for (std::size_t i = 0; i < events.size(); ++i) {
        const double own = std::floor((events[i].gridS + kEarlierS) / beatS);
        if (blocks.empty() || own != beat) blocks.push_back({i, i});
        beat = own;
        blocks.back().to = i + 1;
    }
    return blocks;
}

}  // namespace upbeat
