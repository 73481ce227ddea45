#pragma once

#include <cstddef>
#include <optional>
#include <span>

namespace upbeat {

/// From this contrast on the rise of a stroke can be followed to its start; below, it ends in what rings around it.
inline constexpr double kFollowedDb = 21.0;

struct Onset {
    double sample = 0;      ///< Position in the window, interpolated between samples.
    double contrastDb = 0;  ///< Peak of the rise over the background, in the band used.
};

/// Finds where the rise around `coarse` starts: the moment the trailing 1 ms mean of |x| passes 5 % of its maximum
/// within the stroke's first 30 ms. The search is made on the whole signal when that stands clear of its background,
/// otherwise in the band where it stands clearest, the one above all vowels (top_band.h) included; there the threshold
/// is raised above the background and the time the window needs to fill that far is taken off again. `end` (exclusive)
/// is where the next stroke begins. `window` should hold 25 ms before `coarse`; `nothing` is returned when no rise is
/// found within 8 ms of `coarse`.
[[nodiscard]] std::optional<Onset> refineOnset(std::span<const float> window, std::size_t coarse, std::size_t end,
                                               int sampleRate);

}  // namespace upbeat
