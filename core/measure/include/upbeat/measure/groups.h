#pragma once

#include <optional>
#include <string_view>
#include <variant>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/measure/statistics.h"

namespace upbeat {

struct OtherVoices {
    friend bool operator==(const OtherVoices&, const OtherVoices&) = default;
};
/// Which strokes are meant: those of a limb, of a voice, or of all voices but that one.
using StrokeGroup = std::variant<OtherVoices, Limb, Voice>;

/// Two groups of strokes held against one another in time.
struct Apart {
    StrokeGroup group;    ///< The one that comes later when the value is plus.
    StrokeGroup against;  ///< The other one.
    Figure ms{};          ///< Median offset of `group` minus that of `against`.
};

/// By what strokes are grouped.
enum class Axis { Voice, Limb, Level, Count, Partial };

[[nodiscard]] std::string_view toName(Axis axis);

/// Which of the equal parts of its beat, from 1, and of how many.
struct PartOfBeat {
    int number = 1;
    int of = 1;
};

[[nodiscard]] PartOfBeat partOfBeat(const Exercise& exercise, const Stroke& stroke);

/// One group of main strokes on its own.
struct GroupRow {
    Axis axis = Axis::Voice;
    int key = 0;        ///< The voice, limb or level as a number; the stroke that is first on the count.
    PartOfBeat part{};  ///< Of Axis::Partial.
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
