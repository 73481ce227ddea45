#pragma once

#include <optional>
#include <string>
#include <string_view>
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

/// By what strokes are grouped.
enum class Axis { Voice, Limb, Level, Count, Partial };

[[nodiscard]] std::string_view toName(Axis axis);

/// One group of main strokes on its own.
struct GroupRow {
    Axis axis = Axis::Voice;
    int key = 0;  ///< The voice, limb or level as a number; the stroke that is first on the count; the partial from 1.
    std::string name;  ///< "snare", "left hand", "ghost", "2nd of 4"; empty for counts, which have places.
    std::optional<Figure> offsetMs;
    std::optional<Figure> spreadMs;
    std::optional<Figure> levelDb;
    int n = 0;
};

/// Placement, spread and level of every group of strokes that the page has, axis by axis; an axis with one group only
/// is left out. Strokes struck together share one onset and one level: they count where that is no matter (count,
/// partial).
[[nodiscard]] std::vector<GroupRow> measureGroups(const MatchedTake& take);

/// Hands against one another, and every voice against the others, where both have at least 6 strokes of their own.
/// Strokes struck together say nothing about either and are left out.
[[nodiscard]] std::vector<Apart> measureApart(const MatchedTake& take);

}  // namespace upbeat
