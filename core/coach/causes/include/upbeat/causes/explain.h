#pragma once

#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/causes/cause.h"

namespace upbeat {

/// What is at work in a take, the strongest first, and what it makes up of every matched stroke.
struct Explanation {
    std::vector<Cause> causes;
    std::vector<double> explained;  ///< In the order of MatchedTake::strokes; ms or dB, 0 for grace notes.
    double scatter = 0;             ///< What strokes of one place differ by; robust deviation.
};

/// Offsets as the sum of placement, drift, hand, voice, class, swing, part of the beat, change of subdivision, second
/// strokes, entries after rests and counts, as few of them as explain the take (search.h).
[[nodiscard]] Explanation explainOffsets(const MatchedTake& take);

/// Levels as the sum of the level of voice and class, hand, hand in a class, second strokes and counts. Strokes in a
/// swell, those of which the level is not known, and soft ones under a louder one tell nothing.
[[nodiscard]] Explanation explainLevels(const MatchedTake& take);

/// The take as it would be without what is explained: what scatter, doubles, runs and swells are measured by, so that
/// nothing is said twice.
[[nodiscard]] MatchedTake withoutCauses(MatchedTake take, const Explanation& offsets, const Explanation& levels);

}  // namespace upbeat
