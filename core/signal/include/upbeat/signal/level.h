#pragma once

#include <cstddef>
#include <span>

namespace upbeat {

inline constexpr double kSilenceDb = -120.0;

/// Level of a stroke: the largest RMS of a 5 ms window that starts within 30 ms of `onset`, in dBFS, with the energy
/// that was ringing in the 8 ms before taken off. Only samples below `end`, where the next stroke starts, are used.
[[nodiscard]] double strokeLevelDb(std::span<const float> samples, std::size_t onset, std::size_t end, int sampleRate);

/// Whether at least three neighbouring samples stand at full scale (0.985 and above), or on one same extreme value.
[[nodiscard]] bool isClipped(std::span<const float> samples);

}  // namespace upbeat
