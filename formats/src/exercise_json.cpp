#include "upbeat/formats/exercise_json.h"

#include <fmt/format.h>

#include <array>

#include "json_reader.h"
#include "origin_json.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/music/following.h"

namespace upbeat {

namespace {

constexpr std::array<std::string_view, 3> kSwingLevels{"none", "eighth", "sixteenth"};

nlohmann::json strokeToJson(const Stroke& stroke) {
    nlohmann::json json{{"at", stroke.at.toString()},
                        {"voice", toName(stroke.voice)},
                        {"limb", toName(stroke.limb)},
                        {"level", toName(stroke.level)}};
    if (stroke.ornament != Ornament::None) json["ornament"] = toName(stroke.ornament);
    if (stroke.anchor) json["anchor"] = true;
    return json;
}

template <class Value>
Value named(const JsonReader& reader, std::string_view key, std::optional<Value> (*fromName)(std::string_view),
            Value fallback) {
    if (!reader.has(key)) return fallback;
    const std::string name = reader.text(key);
    const auto value = fromName(name);
    if (!value) reader.wrong(key, Text::with(UPBEAT_TEXT("\"%1\" is not known"), name));
    return value.value_or(fallback);
}

Beats placeFromJson(const JsonReader& reader, std::string_view key) {
    return reader.beats(key, true).value_or(Beats(0));
}

Stroke strokeFromJson(const JsonReader& reader) {
    Stroke stroke;
    stroke.at = placeFromJson(reader, "at");
    stroke.voice = named<Voice>(reader, "voice", voiceFromName, Voice::Pad);
    stroke.limb = named<Limb>(reader, "limb", limbFromName, Limb::RightHand);
    stroke.level = named<Level>(reader, "level", levelFromName, Level::Tap);
    stroke.ornament = named<Ornament>(reader, "ornament", ornamentFromName, Ornament::None);
    stroke.anchor = reader.flag("anchor", false);
    return stroke;
}

Feel feelFromJson(const JsonReader& reader) {
    Feel feel;
    const std::string level = reader.text("swing", "none");
    const auto found = std::find(kSwingLevels.begin(), kSwingLevels.end(), level);
    if (found == kSwingLevels.end())
        reader.wrong("swing", Text::with(UPBEAT_TEXT("\"%1\" is not known"), level),
                     UPBEAT_TEXT("use none, eighth or sixteenth"));
    else
        feel.level = static_cast<SwingLevel>(found - kSwingLevels.begin());
    feel.ratio = reader.number("ratio", 1.0);
    feel.byTempo = reader.flag("by_tempo", false);
    return feel;
}

void readStrokesAndSpans(const JsonReader& reader, Exercise& e) {
    reader.each("strokes", [&](const JsonReader& stroke) {
        if (e.strokes.size() < kMostStrokes)
            e.strokes.push_back(strokeFromJson(stroke));
        else
            stroke.wrong("", UPBEAT_TEXT("is one stroke too many"));
    });
    reader.each("swells", [&](const JsonReader& swell) {
        e.swells.push_back({placeFromJson(swell, "from"), placeFromJson(swell, "to"), swell.number("from_db", -20),
                            swell.number("to_db", 0)});
    });
    reader.each("free_spans", [&](const JsonReader& span) {
        e.freeSpans.push_back({placeFromJson(span, "from"), placeFromJson(span, "to"), span.integer("notes", 0)});
    });
}

/// "behind" is minus for what is asked ahead of the click.
void readPlacements(const JsonReader& reader, Exercise& e) {
    reader.each("placements", [&](const JsonReader& entry) {
        AskedPlacement placement;
        if (entry.has("voice")) placement.voice = named<Voice>(entry, "voice", voiceFromName, Voice::Pad);
        placement.ofBeat = entry.has("percent_behind");
        placement.amount = entry.number(placement.ofBeat ? "percent_behind" : "ms_behind", 0);
        e.placements.push_back(placement);
    });
}

nlohmann::json placementToJson(const AskedPlacement& placement) {
    nlohmann::json json{{placement.ofBeat ? "percent_behind" : "ms_behind", placement.amount}};
    if (placement.voice) json["voice"] = toName(*placement.voice);
    return json;
}

nlohmann::json sectionToJson(const Section& section) {
    nlohmann::json json{{"bar", section.bar}, {"name", section.name}};
    if (!section.as.empty()) json["as"] = section.as;
    if (!section.but.empty()) json["but"] = section.but;
    return json;
}

/// What is written over bars: meters, sections, tempos, held ends.
void readBarMarks(const JsonReader& reader, Exercise& e) {
    reader.each("meter_changes", [&](const JsonReader& change) {
        e.meterChanges.push_back({change.integer("bar", 0), {change.integer("count", 0), change.integer("unit", 0)}});
    });
    reader.each("sections", [&](const JsonReader& section) {
        Section& read = e.sections.emplace_back();
        read = {section.integer("bar", 0), section.text("name", "", true), section.text("as")};
        section.each("but", [&](const JsonReader& number) {
            if (!number.value().is_number_integer()) return section.wrong("but", UPBEAT_TEXT("is no list of bars"));
            read.but.push_back(wholeFrom(number.value()));
        });
    });
    reader.each("tempo_changes", [&](const JsonReader& change) {
        e.tempoChanges.push_back({change.integer("bar", 0), change.number("percent", 0), change.integer("through", 0)});
    });
    reader.each("held_bars", [&](const JsonReader& held) {
        e.heldBars.push_back({held.integer("bar", 0), held.number("beats", 0)});
    });
}

Exercise fromReader(const JsonReader& reader) {
    Exercise e;
    e.id = reader.text("id", "", true);
    e.origin = reader.has("part_of") ? originFromJson(reader.child("part_of")) : originOfOldId(e.id);
    e.title = reader.text("title", e.id);
    e.trains = reader.text("trains");
    reader.each("tags", [&](const JsonReader& tag) {
        if (tag.value().is_string()) e.tags.push_back(tag.value().get<std::string>());
    });
    const JsonReader meter = reader.child("meter");
    e.meter = {meter.integer("count", 4), meter.integer("unit", 4)};
    e.bars = reader.integer("bars", 1);
    readBarMarks(reader, e);
    e.firstBar = reader.integer("first_bar", 1);
    e.feel = feelFromJson(reader.child("feel"));
    const JsonReader tempo = reader.child("tempo");
    e.tempo = {tempo.number("start", 60), tempo.number("goal", 100), tempo.number("step", 4)};
    readStrokesAndSpans(reader, e);
    readPlacements(reader, e);
    e.twoLevels = reader.integer("levels", 3) == 2;
    if (reader.text("counting", "letters") == "numbers") e.counting = Counting::Numbers;
    reader.each("words", [&](const JsonReader& entry) {
        std::vector<std::string> words;
        if (entry.value().is_array())
            for (const auto& word : entry.value())
                if (word.is_string()) words.push_back(word.get<std::string>());
        if (words.empty()) return entry.wrong("", UPBEAT_TEXT("holds no words"));
        e.words[static_cast<int>(words.size())] = std::move(words);
    });
    return e;
}

}  // namespace

std::string toJson(const Exercise& e) {
    nlohmann::json strokes = nlohmann::json::array();
    for (const Stroke& stroke : e.strokes) strokes.push_back(strokeToJson(stroke));
    nlohmann::json json{
        {"format", kExerciseFormat},
        {"version", kExerciseVersion},
        {"id", e.id},
        {"title", e.title},
        {"trains", e.trains},
        {"tags", e.tags},
        {"meter", {{"count", e.meter.count}, {"unit", e.meter.unit}}},
        {"bars", e.bars},
        {"feel", {{"swing", kSwingLevels.at(static_cast<std::size_t>(e.feel.level))}, {"ratio", e.feel.ratio}}},
        {"tempo", {{"start", e.tempo.start}, {"goal", e.tempo.goal}, {"step", e.tempo.step}}},
        {"strokes", strokes},
    };
    for (const MeterChange& change : e.meterChanges)
        json["meter_changes"].push_back(
            {{"bar", change.bar}, {"count", change.meter.count}, {"unit", change.meter.unit}});
    for (const Section& section : settled(e).sections) json["sections"].push_back(sectionToJson(section));
    for (const TempoChange& change : e.tempoChanges) {
        nlohmann::json entry{{"bar", change.bar}, {"percent", change.percent}};
        if (change.through > 0) entry["through"] = change.through;
        json["tempo_changes"].push_back(entry);
    }
    for (const HeldBar& held : e.heldBars) json["held_bars"].push_back({{"bar", held.bar}, {"beats", held.beats}});
    if (e.firstBar != 1) json["first_bar"] = e.firstBar;
    if (e.origin) json["part_of"] = originToJson(*e.origin);
    if (e.feel.byTempo) json["feel"]["by_tempo"] = true;
    if (e.counting == Counting::Numbers) json["counting"] = "numbers";
    for (const auto& [parts, words] : e.words) json["words"].push_back(words);
    for (const AskedPlacement& placement : e.placements) json["placements"].push_back(placementToJson(placement));
    if (e.twoLevels) json["levels"] = 2;
    for (const FreeSpan& span : e.freeSpans) {
        nlohmann::json entry{{"from", span.from.toString()}, {"to", span.to.toString()}};
        if (span.notes > 0) entry["notes"] = span.notes;
        json["free_spans"].push_back(entry);
    }
    for (const Swell& swell : e.swells)
        json["swells"].push_back({{"from", swell.from.toString()},
                                  {"to", swell.to.toString()},
                                  {"from_db", swell.fromDb},
                                  {"to_db", swell.toDb}});
    return json.dump(2, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

Result<Exercise> exerciseFromJson(std::string_view text, const std::string& where) {
    const auto json = parseOwnFile(
        text, where,
        {kExerciseFormat, "this is not an exercise of Upbeat Check", "choose an exercise file or a MIDI pattern"});
    if (!json) return tl::unexpected(json.error());
    std::optional<Error> error;
    const JsonReader reader(*json, "", error);
    Exercise exercise = inOrder(fromReader(reader));
    if (!error)
        if (const auto ok = check(exercise); !ok) error = ok.error();
    if (error) {
        error->where = error->where.empty() ? where : fmt::format("{}, {}", where, error->where);
        return tl::unexpected(*error);
    }
    return followed(std::move(exercise));
}

Result<Exercise> readExercise(const std::filesystem::path& path) {
    return readThrough(path, exerciseFromJson);
}

Result<void> writeExercise(const std::filesystem::path& path, const Exercise& exercise) {
    return writeFileAtomically(path, toJson(exercise));
}

}  // namespace upbeat
