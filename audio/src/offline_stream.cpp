#include "upbeat/audio/offline_stream.h"

#include <algorithm>

namespace upbeat {

OfflineStream::OfflineStream(int sampleRate, int periodFrames, Source source)
    : m_sampleRate(sampleRate),
      m_period(periodFrames),
      m_source(std::move(source)),
      m_in(static_cast<std::size_t>(periodFrames)),
      m_out(static_cast<std::size_t>(periodFrames)) {}

Result<void> OfflineStream::start(AudioProcess& process) {
    m_process = &process;
    return {};
}

std::span<const float> OfflineStream::cycle(bool late) {
    std::fill(m_in.begin(), m_in.end(), 0.0F);
    if (m_source) m_source(m_in, m_position);
    std::fill(m_out.begin(), m_out.end(), 0.0F);
    if (m_process != nullptr) m_process->process(m_in, m_out, m_position, late);
    m_position += m_period;
    return m_out;
}

}  // namespace upbeat
