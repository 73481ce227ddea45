#pragma once

#include <array>
#include <cstddef>

#include "upbeat/signal/hit.h"

namespace upbeat {

/// A stroke's first 18 ms are cut into four stretches that grow, the fifth is its ring from 20 to 60 ms: sticks differ
/// in the first, drums in the middle, an open hi-hat from a closed one in the last.
inline constexpr std::array<int, 5> kCellEdges{0, 4, 10, 20, 36};  // frames after the onset
inline constexpr std::size_t kRing = kCellEdges.size() - 1;
inline constexpr std::size_t kCells = (kRing + 1) * kBands;
/// Mean energy per stretch and band, stretch by stretch.
using Cells = std::array<float, kCells>;

struct HeardCells {
    Cells energy{};        ///< 1 in cells that are not used, as the background: they explain themselves.
    Cells background{};    ///< What rang just before, taken to ring on.
    std::size_t used = 0;  ///< Cells before the next hit begins.
};

/// A hit with a patch in cells; those that end later than `endFrames` after the onset are not used (the first
/// always).
[[nodiscard]] HeardCells heardCells(const Hit& hit, int endFrames);

/// The cells of a taught stroke if it began `delay` frames after the hit (minus: before it): what rang before is taken
/// off, and it is scaled as if its level were 0 dBFS.
[[nodiscard]] Cells taughtCells(const Hit& stroke, int delay);

}  // namespace upbeat
