#include "xml_own_fields.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstring>

#include "upbeat/music/following.h"
#include "upbeat/music/grid_text.h"

namespace upbeat {

namespace {

using Node = pugi::xml_node;

constexpr const char* kPrefix = "upbeat-";

/// Settings of the text form that MusicXML has no words for.
bool isOfTheHead(std::string_view key) {
    return key == "tags" || key == "tempo" || key == "free" || key == "swell" || key == "count" || key == "placed" ||
           key == "levels" || key == "held";
}

/// Their names are rehearsal marks; these only say which of them are as others.
bool isOfSections(std::string_view key) {
    return key == "section" || key == "follows";
}

}  // namespace

std::string inOneLine(std::string text) {
    std::replace_if(
        text.begin(), text.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
    return text;
}

void writeOwnFields(Node identification, const Exercise& e) {
    Node fields = identification.append_child("miscellaneous");
    const auto field = [&](std::string_view name, const std::string& text) {
        Node node = fields.append_child("miscellaneous-field");
        node.append_attribute("name") = fmt::format("{}{}", kPrefix, name).c_str();
        node.text() = text.c_str();
    };
    const bool isFollowing = hasFollowers(e);
    Exercise own = settled(e);
    std::erase_if(own.swells, [](const Swell& s) { return !s.isLevel(); });  // those are wedges
    for (const TextSetting& setting : settingsOf(own))
        if (setting.key == "id" || setting.key == "trains" || isOfTheHead(setting.key) ||
            (isFollowing && isOfSections(setting.key)))
            field(setting.key, setting.value);
    if (e.feel.byTempo) field("swing", "by tempo");
}

OwnFields readOwnFields(Node score) {
    OwnFields own;
    std::string text;
    for (const Node field : score.child("identification").child("miscellaneous").children("miscellaneous-field")) {
        std::string name = field.attribute("name").value();
        if (!name.starts_with(kPrefix)) continue;
        name.erase(0, std::strlen(kPrefix));
        const std::string value = inOneLine(field.text().get());
        if (name == "id") own.id = value;
        if (name == "trains") own.trains = value;
        if (name == "swing") own.swingByTempo = value == "by tempo";
        if (name == "tempo") own.hasTempo = true;
        if (isOfTheHead(name) || isOfSections(name)) text += fmt::format("{}: {}\n", name, value);
    }
    if (auto head = headFromText(text))
        own.head = *std::move(head);
    else
        own.hasTempo = false;
    return own;
}

Exercise withSectionsThatFollow(Exercise e, const OwnFields& own) {
    const auto before = e.sections;
    for (Section& section : e.sections)
        for (const Section& said : own.head.sections)
            if (said.bar == section.bar && said.name == section.name) section = said;
    if (checkFollowing(e)) return followed(std::move(e));
    e.sections = before;
    return e;
}

void apply(const OwnFields& own, Exercise& e) {
    if (!own.id.empty()) e.id = own.id, e.trains = own.trains;
    if (own.swingByTempo) e.feel.byTempo = true, e.feel.ratio = 1.0;
    e.tags = own.head.tags;
    e.freeSpans = own.head.freeSpans;
    e.counting = own.head.counting;
    e.words = own.head.words;
    e.placements = own.head.placements;
    e.twoLevels = own.head.twoLevels;
    if (!own.hasTempo) return;
    e.tempo = own.head.tempo;
    e.tempoChanges = own.head.tempoChanges;
    e.heldBars = own.head.heldBars;
}

}  // namespace upbeat
