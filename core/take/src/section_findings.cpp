#include "upbeat/take/section_findings.h"

#include <algorithm>

#include "upbeat/align/folded_take.h"
#include "upbeat/align/take_within.h"
#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

/// Whether two findings say the same of different bars.
bool isAlike(const Finding& a, const Finding& b) {
    const bool sameWay = (a.figure.value > 0) == (b.figure.value > 0);
    return a.kind == b.kind && a.fault.index() == b.fault.index() && a.limb == b.limb && a.voice == b.voice &&
           a.level == b.level && sameWay && a.stroke.has_value() == b.stroke.has_value();
}

/// Bars that come again show what happens at a count and as it goes on; the whole section, fills and all, how its
/// levels stand apart and what is missing or too many in it.
std::vector<Finding> together(std::vector<Finding> folded, const std::vector<Finding>& all) {
    const std::size_t own = folded.size();
    for (const Finding& finding : all) {
        const bool isOfAll = finding.kind == FindingKind::LevelGap || finding.kind == FindingKind::Missed ||
                             finding.kind == FindingKind::Extra;
        const bool isSaid = std::any_of(folded.begin(), folded.begin() + static_cast<std::ptrdiff_t>(own),
                                        [&finding](const Finding& other) { return isAlike(finding, other); });
        if (isOfAll && !isSaid) folded.push_back(finding);
    }
    return folded;
}

std::vector<Finding> findIn(const MatchedTake& take, const SectionSpan& span, const Profile& profile) {
    const MatchedTake part = takeWithin(take, span.from, span.to);
    if (part.strokes.empty()) return {};
    auto found = findFaults(part, measure(part), profile);
    if (const auto folded = foldedTake(part)) found = together(findFaults(*folded, measure(*folded), profile), found);
    // Where the place was lost is said of the whole, with the bars of the whole.
    std::erase_if(found, [](const Finding& finding) { return std::holds_alternative<PlaceLost>(finding.fault); });
    const int first = firstStrokeOf(take.exercise, span.from);
    for (Finding& finding : found) {
        finding.section = span;
        if (finding.stroke) *finding.stroke += first;
        for (int& stroke : finding.explains) stroke += first;
        if (finding.drill) finding.drill->bar += span.from - 1;
    }
    return found;
}

}  // namespace

std::vector<Finding> findBySections(const MatchedTake& take, const Profile& profile, std::vector<Finding> whole) {
    const auto spans = sectionsOf(take.exercise);
    if (spans.size() < 2) return whole;
    std::vector<Finding> inSections;
    for (const SectionSpan& span : spans) {
        auto found = findIn(take, span, profile);
        std::move(found.begin(), found.end(), std::back_inserter(inSections));
    }
    std::vector<Finding> said;
    for (Finding& finding : whole) {
        const auto sections = std::count_if(inSections.begin(), inSections.end(),
                                            [&finding](const Finding& other) { return isAlike(finding, other); });
        const bool isOfAll = 2 * static_cast<std::size_t>(sections) >= spans.size();
        if (sections > 0 && !isOfAll) continue;  // said of the sections
        std::erase_if(inSections, [&finding](const Finding& other) { return isAlike(finding, other); });
        said.push_back(std::move(finding));
    }
    std::move(inSections.begin(), inSections.end(), std::back_inserter(said));
    std::stable_sort(said.begin(), said.end(), [](const Finding& a, const Finding& b) { return a.weight > b.weight; });
    return said;
}

}  // namespace upbeat
