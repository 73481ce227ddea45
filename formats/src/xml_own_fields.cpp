#include "xml_own_fields.h"

#include <fmt/format.h>

#include <algorithm>
#include <cstring>

#include "upbeat/music/grid_text.h"

namespace upbeat {

namespace {

using Node = pugi::xml_node;

constexpr const char* kPrefix = "upbeat-";

}  // namespace

std::string inOneLine(std::string text) {
    std::replace_if(
        text.begin(), text.end(), [](char c) { return c == '\n' || c == '\r'; }, ' ');
    return text;
}

void writeOwnFields(Node identification, const Exercise& e) {
    Node fields = identification.append_child("miscellaneous");
    const auto field = [&](const char* name, const std::string& text) {
        if (text.empty()) return;
        Node node = fields.append_child("miscellaneous-field");
        node.append_attribute("name") = (kPrefix + std::string(name)).c_str();
        node.text() = text.c_str();
    };
    field("id", e.id);
    field("trains", e.trains);
    field("tags", fmt::format("{}", fmt::join(e.tags, ", ")));
    field("tempo", fmt::format("{} to {} by {}", e.tempo.start, e.tempo.goal, e.tempo.step));
    if (e.feel.byTempo) field("swing", "by tempo");
    if (e.counting == Counting::Numbers) field("count", "numbers");
    for (const auto& [parts, words] : e.words)
        field("count", fmt::format("{}{}", words.front().empty() ? "*" : "", fmt::join(words, " ")));
    for (const FreeSpan& s : e.freeSpans) field("free", fmt::format("{} to {}", s.from.toString(), s.to.toString()));
    for (const Swell& s : e.swells)
        if (s.isLevel())
            field("swell", fmt::format("{} to {}, {} to {} dB", s.from.toString(), s.to.toString(), s.fromDb, s.toDb));
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
        if (name == "tags" || name == "tempo" || name == "free" || name == "swell" || name == "count")
            text += fmt::format("{}: {}\n", name, value);
    }
    if (auto head = headFromText(text))
        own.head = *std::move(head);
    else
        own.hasTempo = false;
    return own;
}

void apply(const OwnFields& own, Exercise& e) {
    if (!own.id.empty()) e.id = own.id, e.trains = own.trains;
    if (own.swingByTempo) e.feel.byTempo = true, e.feel.ratio = 1.0;
    e.tags = own.head.tags;
    e.freeSpans = own.head.freeSpans;
    e.counting = own.head.counting;
    e.words = own.head.words;
    if (own.hasTempo) e.tempo = own.head.tempo;
}

}  // namespace upbeat
