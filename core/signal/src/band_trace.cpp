#include "upbeat/signal/band_trace.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

std::size_t BandTrace::columnAt(double timeS) const {
    const double column = std::ceil(timeS / m_columnS - 1e-6);
    return static_cast<std::size_t>(std::clamp(column, 0.0, static_cast<double>(m_columns.size())));
}

float BandTrace::energy(std::size_t band, std::size_t from, std::size_t to) const {
    to = std::min(to, m_columns.size());
    if (from >= to) return 0;
    float sum = 0;
    for (std::size_t i = from; i < to; ++i) sum += energyOfStep(m_columns[i][band]);
    return sum / static_cast<float>(to - from);
}

}  // namespace upbeat
