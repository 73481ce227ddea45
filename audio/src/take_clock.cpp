#include "upbeat/audio/take_clock.h"

#include <algorithm>
#include <cstdlib>

namespace upbeat {

void TakeClock::beginAt(std::int64_t origin, const Cycle& cycle) noexcept {
    m_origin = origin;
    m_clock = cycle.clock;
    m_expected = cycle.position - origin;
    m_hasBegun = true;
}

TakeClock::Placed TakeClock::place(const Cycle& cycle, std::int64_t frames) noexcept {
    if (m_frames == 0 && !m_hasBegun) beginAt(cycle.position, cycle);
    if (m_frames == 0) m_frames = frames;
    if (frames != m_frames) m_broken = true;
    const bool far = std::abs(inTake(cycle.position) - m_expected) > m_bridge;
    if (cycle.clock != m_clock || far) countOn(cycle);
    Placed placed;
    placed.from = inTake(cycle.position);
    placed.gap = std::max<std::int64_t>(0, placed.from - m_expected);
    placed.skip = std::clamp<std::int64_t>(m_expected - placed.from, 0, frames);
    m_expected = std::max(m_expected, placed.from + frames);
    return placed;
}

void TakeClock::countOn(const Cycle& cycle) noexcept {
    m_broken = true;
    m_clock = cycle.clock;
    m_origin = cycle.position - m_expected;
}

}  // namespace upbeat
