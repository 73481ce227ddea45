#include "upbeat/signal/level_meter.h"

#include <algorithm>
#include <cmath>

#include "upbeat/signal/level.h"

namespace upbeat {

double peakDb(std::span<const float> block) {
    float peak = 0;
    for (const float v : block) peak = std::max(peak, std::abs(v));
    return peak > 1e-6F ? 20.0 * std::log10(static_cast<double>(peak)) : kSilenceDb;
}

}  // namespace upbeat
