#include "midi_remarks.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "upbeat/formats/clean_utf8.h"
#include "upbeat/formats/midi_pattern.h"
#include "upbeat/music/bars.h"
#include "upbeat/music/following.h"
#include "upbeat/music/grid_text.h"

namespace upbeat {

namespace {

constexpr std::string_view kRemark = "upbeat-";

bool isChangeOfTempo(const TextSetting& setting) {
    return setting.key == "tempo" && setting.value.find('%') != std::string::npos;
}

}  // namespace

std::vector<std::string> remarksOf(const Exercise& exercise) {
    std::vector<std::string> remarks;
    for (const TextSetting& setting : settingsOf(exercise))
        if (setting.key == "placed" || setting.key == "levels" || setting.key == "numbered" || setting.key == "held" ||
            isChangeOfTempo(setting))
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
    exercise.tempoChanges = head->tempoChanges;
    exercise.heldBars = head->heldBars;
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

std::vector<std::string> lossesInMidi(const Exercise& e) {
    std::vector<std::string> losses;
    const auto any = [&e](auto is) { return std::any_of(e.strokes.begin(), e.strokes.end(), is); };
    losses.emplace_back("which hand plays what, the tags and the tempo plan beyond its start");
    if (any([](const Stroke& s) { return s.ornament == Ornament::ClosedRoll; }))
        losses.emplace_back("closed rolls are single notes in MIDI");
    if (any([](const Stroke& s) { return s.anchor; }) || !e.freeSpans.empty())
        losses.emplace_back("anchors and free spans");
    if (e.feel.isSwung()) losses.emplace_back("swing is written as it sounds");
    if (!e.placements.empty()) losses.emplace_back("the feel beside the click is a remark that is not heard");
    if (hasFollowers(e)) losses.emplace_back("sections that are as others are written out");
    if (!e.swells.empty()) losses.emplace_back("swells and dynamics are single velocities");
    return losses;
}

}  // namespace upbeat
