#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "upbeat/units/error.h"

namespace upbeat {

struct Exercise;

/// A named part of a piece begins at this bar: "intro", "A", "verse 2". It goes to the next one, or to the end.
struct Section {
    int bar = 1;  ///< From 1, whatever number is printed there.
    std::string name;
    std::string as{};        ///< The earlier section whose bars it has; empty: all are its own. See following.h.
    std::vector<int> but{};  ///< Bars of its own nevertheless, counted from 1 in the section, in order.

    friend bool operator==(const Section&, const Section&) = default;
};

inline constexpr std::size_t kMostSections = 100;
inline constexpr std::size_t kLongestSectionName = 40;
inline constexpr int kLargestPrintedBar = 9999;

/// Lets a section begin at a bar behind the others, its name cut to what can be shown; nothing happens where it has no
/// name, a section begins there already, or there are enough.
void addSection(std::vector<Section>& sections, int bar, std::string_view name);

/// Its bars, both included.
struct SectionSpan {
    std::string name;
    int from = 1;
    int to = 1;

    [[nodiscard]] int bars() const { return to - from + 1; }
    friend bool operator==(const SectionSpan&, const SectionSpan&) = default;
};

/// The last bar of a section, by its index.
[[nodiscard]] int lastBarOf(const Exercise& exercise, std::size_t section);
/// All bars of a piece in sections; what stands before the first named one has no name. Empty without sections.
[[nodiscard]] std::vector<SectionSpan> sectionsOf(const Exercise& exercise);
/// The first of the longest ones, by its index.
[[nodiscard]] std::size_t longestOf(const std::vector<SectionSpan>& spans);
/// The section that holds a bar; none without sections.
[[nodiscard]] std::optional<SectionSpan> sectionAt(const Exercise& exercise, int bar);

/// The number that is printed at a bar, and the bar at which a number is printed, inside the page.
[[nodiscard]] int printedBar(const Exercise& exercise, int bar);
[[nodiscard]] std::optional<int> barPrinted(const Exercise& exercise, int printed);

/// What is wrong with the sections and bar numbers of a page.
[[nodiscard]] Result<void> checkSections(const Exercise& exercise);

/// The sections of some bars of a page as the page they are alone, bar `from` the first; the section that bar `from`
/// lies in goes on there.
[[nodiscard]] std::vector<Section> sectionsWithin(const Exercise& exercise, int from, int to);

}  // namespace upbeat
