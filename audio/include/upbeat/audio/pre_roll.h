#pragma once

#include <algorithm>
#include <array>
#include <cstdint>
#include <span>
#include <vector>

#include "upbeat/audio/stream.h"

namespace upbeat {

/// The last ten seconds of what came in, and the last notes: a take that starts on a stroke has heard it already.
/// Written and read on the audio thread alone; nothing here allocates after construction.
class PreRoll {
  public:
    static constexpr int kSeconds = 10;
    explicit PreRoll(int sampleRate)
        : m_samples(static_cast<std::size_t>(kSeconds) * static_cast<std::size_t>(sampleRate)) {}

    void push(std::span<const float> in, const Cycle& cycle) noexcept;
    void push(const StruckNote& note) noexcept { m_notes[m_noteCount++ % m_notes.size()] = note; }

    /// First position that is still there, and the one after the last.
    [[nodiscard]] std::int64_t from() const noexcept { return m_from; }
    [[nodiscard]] std::int64_t to() const noexcept { return m_to; }
    /// The sample of a position between them.
    [[nodiscard]] float at(std::int64_t position) const noexcept {
        return m_samples[static_cast<std::size_t>(position) % m_samples.size()];
    }
    /// Calls `use` with every note that is kept, in order.
    template <class Use>
    void eachNote(Use use) const noexcept {
        for (std::size_t i = m_noteCount - std::min(m_noteCount, m_notes.size()); i < m_noteCount; ++i)
            use(m_notes[i % m_notes.size()]);
    }

  private:
    std::vector<float> m_samples;  // by position, round and round
    std::int64_t m_from = 0;
    std::int64_t m_to = 0;
    int m_clock = 0;
    std::array<StruckNote, 64> m_notes{};
    std::size_t m_noteCount = 0;
};

}  // namespace upbeat
