#include "upbeat/season/piece.h"

#include <algorithm>

namespace upbeat {

std::optional<std::size_t> hardestSection(const std::vector<SectionStanding>& sections) {
    const auto known = std::count_if(sections.begin(), sections.end(),
                                     [](const SectionStanding& s) { return s.cleanBpm.has_value(); });
    if (known < 2) return std::nullopt;
    const auto slower = [](const SectionStanding& a, const SectionStanding& b) {
        return a.cleanBpm.value_or(1e9) < b.cleanBpm.value_or(1e9);
    };
    return static_cast<std::size_t>(std::min_element(sections.begin(), sections.end(), slower) - sections.begin());
}

std::optional<double> wholeToday(const std::vector<SectionStanding>& sections) {
    const auto hardest = hardestSection(sections);
    const auto isKnown = [](const SectionStanding& s) { return s.cleanBpm.has_value(); };
    if (!hardest || !std::all_of(sections.begin(), sections.end(), isKnown)) return std::nullopt;
    return sections[*hardest].cleanBpm;
}

}  // namespace upbeat
