#pragma once

#include <optional>
#include <string>
#include <vector>

namespace upbeat {

/// The fastest clean tempo of one section of a piece.
struct SectionStanding {
    std::string name;
    std::optional<double> cleanBpm;  ///< None: nothing of it was clean so far.
};

/// The section that sets the tempo of the whole: the slowest of those that were clean. Nothing before two were.
[[nodiscard]] std::optional<std::size_t> hardestSection(const std::vector<SectionStanding>& sections);

/// At what tempo all of it can be played today: that of the hardest section, once every section was clean.
[[nodiscard]] std::optional<double> wholeToday(const std::vector<SectionStanding>& sections);

}  // namespace upbeat
