#pragma once

namespace upbeat {

/// One stroke heard in a take.
struct Hit {
    double timeS = 0;       ///< Onset: start of the rise, seconds from the start of the take.
    double levelDb = -120;  ///< Largest 5 ms RMS within 30 ms of the onset, dBFS, less what was ringing before.
    double strength = 0;    ///< Novelty behind the detection, in standard errors over the bands; larger is surer.
    double contrastDb = 0;  ///< Peak of the rise over what sounded before, in the band where it shows best.
    bool clipped = false;   ///< The level is a lower bound: the recording was at full scale.

    friend bool operator==(const Hit&, const Hit&) = default;
};

/// Hits of at least this strength stand on their own; weaker ones count only where the page asks for a stroke.
inline constexpr double kFirmStrength = 15.0;

/// 0 to 1 for display and export: 0.5 at the firm threshold.
[[nodiscard]] constexpr double confidence(const Hit& hit) {
    return hit.strength / (hit.strength + kFirmStrength);
}

}  // namespace upbeat
