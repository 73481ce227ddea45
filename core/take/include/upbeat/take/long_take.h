#pragma once

#include <vector>

#include "upbeat/take/take_record.h"

namespace upbeat {

/// Passes of the page that were played without a pause.
struct PlayedStretch {
    int fromPass = 0;  ///< From 0.
    int passes = 0;

    friend bool operator==(const PlayedStretch&, const PlayedStretch&) = default;
};

/// Counts, pass by pass, how much of the page is heard while the click goes on for hours. Its memory is a number a
/// pass.
class PassTally {
  public:
    /// Tempo, first beat and latency are those of the frame.
    PassTally(const Exercise& exercise, const TakeFrame& frame);

    /// In any order; faint hits do not count.
    void add(const Hit& hit);
    /// Stretches of passes of which at least a third of the strokes was heard; a pass that was not played ends a
    /// stretch. None has more than `mostBars`, and only passes that end within `recordedS` are among them.
    [[nodiscard]] std::vector<PlayedStretch> stretches(double recordedS, int mostBars) const;

  private:
    int m_barsAPass;
    double m_startS;
    double m_passS;
    double m_marginS;
    int m_strokesAPass = 0;
    std::vector<int> m_heard;
};

/// A stretch as a take of its own: the sound of it lies from `fromS` to `toS` in the whole. Damage and hits of the
/// whole that lie in it are in it.
struct StretchTake {
    TakeRecord take;
    double fromS = 0;
    double toS = 0;
};
[[nodiscard]] StretchTake stretchOf(const TakeRecord& whole, const PlayedStretch& stretch);

}  // namespace upbeat
