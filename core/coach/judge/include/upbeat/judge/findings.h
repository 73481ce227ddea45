#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/judge/faults.h"
#include "upbeat/judge/gates.h"

namespace upbeat {

enum class FindingKind {
    Early,
    Late,
    Loud,
    Soft,
    Uneven,
    Missed,
    Extra,
    Drift,
    Swing,
    Grace,
    HandsApart,
    LevelGap,
    Subdivision,
    Crescendo,
    Unison,
    Roll,
    Stroke,
};

[[nodiscard]] std::string_view toName(FindingKind kind);

/// Something the take shows beyond doubt; `words` says it. Values follow docs/formats/analysis.md.
struct Finding {
    FindingKind kind = FindingKind::Early;
    Fault fault;
    std::optional<int> stroke;  ///< The count it belongs to; none for the whole take.
    std::optional<Limb> limb;
    std::optional<Voice> voice;
    std::optional<Level> level;
    Figure figure;
    std::string unit;
    int passes = 0;  ///< On how many passes, out of `of`.
    int of = 0;
    std::vector<int> explains;  ///< Strokes of the phrase on which it is heard; empty: on its own place, or all over.
    std::optional<Span> drill;
    std::optional<SectionSpan> section{};  ///< Of a piece: it is so there and not elsewhere.
    double weight = 0;  ///< How far beyond what matters, for ranking.
};

/// Worst first. Nothing is named whose interval does not keep it apart from no fault at all; where many counts are
/// tested at once the interval is widened, so that a clean take stays without findings.
[[nodiscard]] std::vector<Finding> findFaults(const MatchedTake& take, const Measures& measures,
                                              const Profile& profile);

}  // namespace upbeat
