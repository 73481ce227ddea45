#include "upbeat/audio/probe_run.h"

#include <algorithm>

namespace upbeat {

ProbeRun::ProbeRun(std::shared_ptr<const Sound> played) : m_played(std::move(played)), m_clock(m_played->sampleRate) {
    m_recorded.sampleRate = m_played->sampleRate;
    m_recorded.samples.resize(m_played->samples.size());
}

void ProbeRun::process(std::span<const float> in, std::span<float> out, const Cycle& cycle) noexcept {
    if (isFinished()) return;
    const TakeClock::Placed placed = m_clock.place(cycle, static_cast<std::int64_t>(in.size()));
    m_damaged = m_damaged || cycle.late || placed.gap > 0 || placed.skip > 0 || m_clock.isBroken();
    const std::size_t count = std::min(in.size(), m_played->samples.size() - m_next);
    for (std::size_t i = 0; i < count; ++i) {
        m_recorded.samples[m_next + i] = in[i];
        out[i] += m_played->samples[m_next + i];
    }
    m_next += count;
    if (m_next >= m_played->samples.size() || m_stop.load(std::memory_order_acquire))
        m_finished.store(true, std::memory_order_release);
}

}  // namespace upbeat
