#pragma once

#include <optional>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// A free span with a number of notes as it was played once.
struct FreeSpace {
    int pass = 1;  ///< From 1.
    int span = 0;  ///< Index into Exercise::freeSpans.
    int asked = 0;
    int played = 0;
    /// So much longer than written the notes are, in percent, by the slope of a line through them; minus: they rush.
    /// None where the number is wrong or too small to tell.
    std::optional<double> longerPercent;
};

/// "Any six notes": how many there were, how long they took and how even they were. Where one comes out of them is
/// among the returns (returns.h). Nothing else is asked of them.
struct FreeSpaces {
    std::vector<FreeSpace> all;
    std::optional<Figure> longerPercent;  ///< Mean over the spaces with the right number.
    std::optional<Figure> unevenMs;       ///< Spread of their notes about the line through them.

    /// Notes too many or too few, over all spaces.
    [[nodiscard]] int notesOff() const;
    /// Spaces with a wrong number.
    [[nodiscard]] int miscounted() const;
};

/// Nothing where no free span says how many notes it wants. Spaces that hold damage or a lost place are left out.
[[nodiscard]] std::optional<FreeSpaces> measureFreeSpaces(const MatchedTake& take);

}  // namespace upbeat
