#include "upbeat/audio/pre_roll.h"

#include <algorithm>

namespace upbeat {

void PreRoll::push(std::span<const float> in, const Cycle& cycle) noexcept {
    // What does not follow without a gap is a beginning: a take never reaches back over one.
    if (cycle.position != m_to || cycle.clock != m_clock || cycle.position < 0) {
        m_from = m_to = std::max<std::int64_t>(0, cycle.position);
        m_clock = cycle.clock;
    }
    for (const float v : in) m_samples[static_cast<std::size_t>(m_to++) % m_samples.size()] = v;
    m_from = std::max(m_from, m_to - static_cast<std::int64_t>(m_samples.size()));
}

}  // namespace upbeat
