#pragma once

#include <vector>

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// Marks the hits of a matched take that are no strokes: somebody who counts aloud, a chair. What was matched shows how
/// the strokes of this take look; a hit that nobody wrote must look like them, a written one must only not look quite
/// unlike them. Gives whether there were any: `heard` holds the marks (Hit::foreign) then, and is worth matching again.
/// Hits without a patch (notes, hits from the logbook) keep what they are, and so do all of a take with fewer than 24
/// matched strokes.
///
/// A linear discriminant over 53 figures of a hit, see docs/measures.md: how it goes on in each band, what was there
/// before, how steeply it rises, its colour, and how far it is from the nearest strokes of the take.
[[nodiscard]] bool markForeign(const MatchedTake& take, HeardTake& heard);

/// The figure it is decided by: above 0 like a stroke. Nothing where the hit has no patch. For each hit of the take.
[[nodiscard]] std::vector<std::optional<double>> likenessToStrokes(const MatchedTake& take);

}  // namespace upbeat
