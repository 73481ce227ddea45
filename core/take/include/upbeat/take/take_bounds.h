#pragma once

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// Longest take that is read or measured.
inline constexpr double kLongestTakeS = 2.0 * 3600;
/// Longest recording that goes on until it is stopped, to be taken apart.
inline constexpr double kLongestRecordingS = 3.5 * 3600;

/// Whole bars in `playedS` seconds after beat 1 of bar 1, at most `most`. A fiftieth of a bar that is missing at the
/// end is forgiven: the last stroke has sounded by then.
[[nodiscard]] int wholeBars(const Exercise& exercise, Bpm tempo, double playedS, int most);

/// Nothing when the frame can lie in a recording: tempo, first beat, latency and damage finite and in range, at least
/// one bar, and no more of them than the longest take holds. What comes from a file is checked with it.
[[nodiscard]] Result<void> check(const TakeFrame& frame, const Exercise& exercise);

/// Seconds of the page, from its first beat to its last bar, that lie in damaged spans.
[[nodiscard]] double damagedS(const TakeFrame& frame, const Exercise& exercise);

/// Whether so much of a take is damaged that it says nothing about the player: a quarter of it and more.
[[nodiscard]] bool isTooDamaged(const TakeFrame& frame, const Exercise& exercise);

}  // namespace upbeat
