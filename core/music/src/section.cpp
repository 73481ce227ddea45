#include "upbeat/music/section.h"

#include <algorithm>

#include "upbeat/music/exercise.h"
#include "upbeat/music/following.h"
#include "upbeat/units/utf8.h"

namespace upbeat {

void addSection(std::vector<Section>& sections, int bar, std::string_view name) {
    const bool isBehind = sections.empty() || sections.back().bar < bar;
    const std::string_view shown = utf8Prefix(name, kLongestSectionName);
    if (!shown.empty() && isBehind && sections.size() < kMostSections) sections.push_back({bar, std::string(shown)});
}

int lastBarOf(const Exercise& e, std::size_t section) {
    return section + 1 < e.sections.size() ? e.sections[section + 1].bar - 1 : e.bars;
}

std::vector<SectionSpan> sectionsOf(const Exercise& exercise) {
    std::vector<SectionSpan> spans;
    const auto& sections = exercise.sections;
    if (sections.empty()) return spans;
    if (sections.front().bar > 1) spans.push_back({{}, 1, sections.front().bar - 1});
    for (std::size_t i = 0; i < sections.size(); ++i)
        spans.push_back({sections[i].name, sections[i].bar, lastBarOf(exercise, i)});
    return spans;
}

std::size_t longestOf(const std::vector<SectionSpan>& spans) {
    const auto longest = std::max_element(
        spans.begin(), spans.end(), [](const SectionSpan& a, const SectionSpan& b) { return a.bars() < b.bars(); });
    return static_cast<std::size_t>(longest - spans.begin());
}

std::optional<SectionSpan> sectionAt(const Exercise& exercise, int bar) {
    const auto spans = sectionsOf(exercise);
    const auto found = std::find_if(spans.begin(), spans.end(),
                                    [bar](const SectionSpan& span) { return bar >= span.from && bar <= span.to; });
    return found != spans.end() ? std::optional(*found) : std::nullopt;
}

int printedBar(const Exercise& exercise, int bar) {
    return exercise.firstBar + bar - 1;
}

std::optional<int> barPrinted(const Exercise& exercise, int printed) {
    const int bar = printed - exercise.firstBar + 1;
    return bar >= 1 && bar <= exercise.bars ? std::optional(bar) : std::nullopt;
}

Result<void> checkSections(const Exercise& e) {
    if (e.firstBar < 0 || e.firstBar > kLargestPrintedBar)
        return fail(Text::with(UPBEAT_TEXT("a first bar numbered %1 is out of range"), e.firstBar), {},
                    Text::with(UPBEAT_TEXT("use 0 to %1"), kLargestPrintedBar));
    if (e.sections.size() > kMostSections)
        return fail(UPBEAT_TEXT("the piece has too many sections"), {},
                    Text::with(UPBEAT_TEXT("use up to %1"), static_cast<int>(kMostSections)));
    int before = 0;
    for (const Section& section : e.sections) {
        if (section.bar <= before || section.bar > e.bars)
            return fail(Text::with(UPBEAT_TEXT("section %1 begins at no bar of its own"), section.name), {},
                        UPBEAT_TEXT("let sections begin inside the piece, each behind the one before"));
        if (section.name.empty() || section.name.size() > kLongestSectionName)
            return fail(Text::with(UPBEAT_TEXT("the section at bar %1 has no name that can be shown"), section.bar), {},
                        Text::with(UPBEAT_TEXT("use 1 to %1 letters"), static_cast<int>(kLongestSectionName)));
        before = section.bar;
    }
    return checkFollowing(e);
}

std::vector<Section> sectionsWithin(const Exercise& exercise, int from, int to) {
    std::vector<Section> within;
    for (const SectionSpan& span : sectionsOf(exercise))
        if (span.to >= from && span.from <= to && !span.name.empty())
            within.push_back({std::max(span.from, from) - from + 1, span.name});
    return within;
}

}  // namespace upbeat
