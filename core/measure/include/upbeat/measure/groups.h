#pragma once

#include <optional>
#include <string>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

/// Two groups of strokes held against one another in time.
struct Apart {
    std::string name;     ///< The group that comes later when the value is plus: "left hand", "snare".
    std::string against;  ///< The other one.
    Figure ms;            ///< Median offset of `name` minus that of `against`.
    std::optional<Limb> limb;
    std::optional<Voice> voice;
};

/// Hands against one another, and every voice against the others, where both have at least 6 strokes of their own.
/// Strokes struck together say nothing about either and are left out.
[[nodiscard]] std::vector<Apart> measureApart(const MatchedTake& take);

}  // namespace upbeat
