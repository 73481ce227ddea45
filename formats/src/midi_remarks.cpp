#include "midi_remarks.h"

#include <fmt/format.h>

#include <cmath>

#include "clean_utf8.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/grid_text.h"

namespace upbeat {

namespace {

constexpr std::string_view kRemark = "upbeat-";

}  // namespace

std::vector<std::string> remarksOf(const Exercise& exercise) {
    std::vector<std::string> remarks;
    for (const TextSetting& setting : settingsOf(exercise))
        if (setting.key == "placed" || setting.key == "levels" || setting.key == "numbered")
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
    exercise.firstBar = head->firstBar;
}

std::vector<MidiMarker> markersOf(const Exercise& exercise, int ticksPerQuarter) {
    std::vector<MidiMarker> markers;
    markers.reserve(exercise.sections.size());
    for (const Section& section : exercise.sections)
        markers.push_back(
            {std::llround(barOf(exercise, section.bar).start.toDouble() * ticksPerQuarter), section.name});
    return markers;
}

void readMarkers(const MidiFile& file, Exercise& exercise) {
    for (const MidiMarker& marker : file.markers) {
        const int bar = barAt(exercise, Beats(marker.tick, file.ticksPerQuarter)).number;
        if (bar <= exercise.bars) addSection(exercise.sections, bar, cleanUtf8(marker.name));
    }
}

}  // namespace upbeat
