#include "upbeat/audio/offline_stream.h"

#include <algorithm>

namespace upbeat {

OfflineStream::OfflineStream(int sampleRate, int periodFrames, Source source)
    : m_sampleRate(sampleRate), m_period(periodFrames), m_source(std::move(source)) {
    setPeriod(periodFrames);
}

void OfflineStream::setPeriod(int frames) {
    m_period = frames;
    m_in.resize(static_cast<std::size_t>(frames));
    m_out.resize(m_in.size());
}

Result<void> OfflineStream::start(AudioProcess& process) {
    m_process = &process;
    return {};
}

std::span<const float> OfflineStream::cycle(bool late) {
    std::fill(m_in.begin(), m_in.end(), 0.0F);
    if (m_source) m_source(m_in, m_position);
    std::fill(m_out.begin(), m_out.end(), 0.0F);
    if (m_process != nullptr) m_process->process(m_in, m_out, {m_position, late, m_clock});
    m_position += m_period;
    return m_out;
}

}  // namespace upbeat
