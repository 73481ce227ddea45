#pragma once

#include <span>

namespace upbeat {

/// Onset of a stroke that sounds alone, straight from the definition: the first moment the trailing 1 ms mean of |x|
/// passes 5 % of its maximum within the stroke's first 30 ms. In samples, interpolated. The measuring side has code of
/// its own for this; the two share nothing but the definition.
[[nodiscard]] double trueOnset(std::span<const float> strokeAlone, int sampleRate);

/// Level of a stroke that sounds alone: the largest 5 ms RMS starting within 30 ms of its onset, dBFS.
[[nodiscard]] double trueLevelDb(std::span<const float> strokeAlone, int sampleRate);

}  // namespace upbeat
