#pragma once

#include <span>
#include <vector>

#include "upbeat/units/error.h"

namespace upbeat {

/// The sound that a round trip is measured with: 12 ms that sweep from 1 to 9 kHz, so that its place is sharp and small
/// loudspeakers can play it. Peak 1.
[[nodiscard]] std::vector<float> roundTripSound(int sampleRate);

/// Twelve of them, seconds from the start of the recording. They come unevenly, so that none is taken for another.
[[nodiscard]] std::vector<double> roundTripTimesS();
/// Length of the recording that has them all.
[[nodiscard]] double roundTripLengthS();

/// How long a sound takes from the program to the loudspeaker, through the air, and back from the microphone.
struct RoundTrip {
    double latencyS = 0;
    double uncertainMs = 0;  ///< Half of the 95 % interval.
    double spreadMs = 0;     ///< Robust deviation of the single sounds.
    int heard = 0;           ///< Of the twelve.
    double levelDb = 0;      ///< Peak of the sound as it arrives, dBFS.
};

/// Measures it from a recording in which the sounds were played at their times. Accepted with at least ten of twelve
/// within a robust spread of 0.3 ms; else the error says what to do. `longestS`: no way round is longer.
[[nodiscard]] Result<RoundTrip> measureRoundTrip(std::span<const float> recording, int sampleRate,
                                                 double longestS = 0.45);

}  // namespace upbeat
