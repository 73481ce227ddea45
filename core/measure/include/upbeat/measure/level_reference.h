#pragma once

#include <array>
#include <optional>
#include <vector>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// Level that the page asks for, against the accent: accent 0 dB, tap -12 dB, ghost -20 dB.
[[nodiscard]] double targetDb(Level level);
/// What is asked of a stroke of this exercise: its class, or what a swell asks for there.
[[nodiscard]] double targetDb(const Exercise& exercise, const Stroke& stroke);

/// Level that counts as 0 dB for a voice: its accents' median, or what its taps or ghosts say about it; the fallback
/// where the voice has no hit yet.
class LevelReference {
  public:
    explicit LevelReference(double fallbackDb = -14) : m_fallbackDb(fallbackDb) {}
    void add(const Exercise& exercise, const Stroke& stroke, double levelDb);
    [[nodiscard]] double of(Voice voice) const;

  private:
    double m_fallbackDb;
    std::vector<double> m_levels[kVoiceCount][3];
    mutable std::array<std::optional<double>, kVoiceCount> m_known{};  // forgotten with every new level
};

}  // namespace upbeat
