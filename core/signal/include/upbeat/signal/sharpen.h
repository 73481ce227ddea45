#pragma once

#include <vector>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// Hits at least this clear of what sounded before them have an onset of their own.
inline constexpr double kOwnOnsetDb = 22.0;

/// Finds the onsets of hits that do not stand clear of what rings around them by the shape of those that do. Each
/// unclear hit is laid against the take's own clear strokes: background plus a stroke's rise, in every band with a gain
/// of its own, moved until the energies of the patch are most likely (frames taken as chi-square, the Itakura-Saito
/// distance). Nothing but the sound decides; the page is not known here. Hits without a patch and takes with fewer than
/// three clear strokes stay as they are.
void sharpenOnsets(std::vector<Hit>& hits);

}  // namespace upbeat
