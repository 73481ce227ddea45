#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"

namespace upbeat {

/// Marks the hits of a matched take that are no strokes (Hit::foreign): somebody who counts aloud, a chair. What was
/// matched shows how the strokes of this take look; a hit that nobody wrote must look like them, the more the more of
/// the unwritten hits do not. A written one that looks unlike them is believed only where nothing better lies near
/// (Hit::unlike), and never foreign where it rises above all vowels (Hit::topDb). Gives what was heard with the marks,
/// worth matching again; nothing where nothing is foreign. Hits without a patch (notes, hits from the logbook) keep
/// what they are, and so do all of a take with fewer than 24 matched strokes.
///
/// The smaller of two linear discriminants (a voice; feet, paper, chairs), over 53 and 29 figures of a hit, see
/// docs/measures.md: how it goes on in each band, what was there before, how steeply it rises, its colour, and how far
/// it is from the nearest strokes of the take.
[[nodiscard]] std::optional<HeardTake> markForeign(const MatchedTake& take, const HeardTake& heard);

/// The figure it is decided by: above 0 like a stroke. Nothing where the hit has no patch. For each hit of the take.
[[nodiscard]] std::vector<std::optional<double>> likenessToStrokes(const MatchedTake& take);

}  // namespace upbeat
