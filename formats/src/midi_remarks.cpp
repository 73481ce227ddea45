#include "midi_remarks.h"

#include <fmt/format.h>

#include "upbeat/music/grid_text.h"

namespace upbeat {

namespace {

constexpr std::string_view kRemark = "upbeat-";

}  // namespace

std::vector<std::string> remarksOf(const Exercise& exercise) {
    std::vector<std::string> remarks;
    for (const TextSetting& setting : settingsOf(exercise))
        if (setting.key == "placed" || setting.key == "levels")
            remarks.push_back(fmt::format("{}{}: {}", kRemark, setting.key, setting.value));
    return remarks;
}

void readRemarks(const std::vector<std::string>& remarks, Exercise& exercise) {
    std::string lines;
    for (const std::string& remark : remarks)
        if (remark.starts_with(kRemark)) lines += remark.substr(kRemark.size()) + "\n";
    const auto head = headFromText(lines);
    if (!head || !check(head->placements)) return;
    exercise.placements = head->placements;
    exercise.twoLevels = head->twoLevels;
}

}  // namespace upbeat
