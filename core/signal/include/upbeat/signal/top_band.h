#pragma once

#include <cstddef>
#include <cstdint>
#include <span>
#include <vector>

#include "upbeat/signal/biquad.h"

namespace upbeat {

/// Where the sound above vowels begins. A vowel leaves nothing up there, a stick on a skin or on metal does. The
/// filters of the band bank fall by 12 dB an octave, so that a loud vowel is heard in all of them.
inline constexpr double kTopBandHz = 9000;

/// That sound of a signal: a high pass of 48 dB an octave, four sections.
[[nodiscard]] std::vector<float> topOf(std::span<const float> signal, int sampleRate);
/// Whether a recording of this sample rate holds it.
[[nodiscard]] bool hasTopBand(int sampleRate);

/// The energy of that sound, frame by frame: mean of squares, full scale 1; 0 where there is no such sound. It begins
/// at rest, so that the first millisecond is of use only where the signal itself begins.
[[nodiscard]] std::vector<float> topEnergies(std::span<const float> signal, std::size_t frameSize, int sampleRate);

/// In frames: where the rise is looked for, and what is heard of it.
inline constexpr std::int64_t kTopAround = 8;
inline constexpr std::int64_t kTopAfter = 6;

/// By how much the kTopAfter frames from `at` on hold more energy than the `before` frames ahead of them. All have to
/// be there.
[[nodiscard]] float topStep(std::span<const float> energies, std::int64_t at, std::int64_t before);

/// How far a sound rises at frame `at` of `energies`, in dB: the most in the 4 ms before and after, each time 3 ms
/// against the 12 ms before them. 0 where it does not rise or too little is known.
[[nodiscard]] double topRiseDb(std::span<const float> energies, std::int64_t at);

}  // namespace upbeat
