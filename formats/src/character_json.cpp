#include "upbeat/formats/character_json.h"

#include "json_reader.h"
#include "upbeat/formats/atomic_file.h"

namespace upbeat {

namespace {

constexpr std::string_view kCharacterFormat = "upbeat-check/character";

nlohmann::json habitToJson(const Habit& habit) {
    nlohmann::json json{{"offset_ms", habit.offsetMs}, {"level_db", habit.levelDb}, {"chance", habit.chance}};
    if (habit.at) json["at"] = habit.at->toString();
    if (habit.limb) json["limb"] = toName(*habit.limb);
    if (habit.voice) json["voice"] = toName(*habit.voice);
    if (habit.level) json["level"] = toName(*habit.level);
    return json;
}

template <class Value>
std::optional<Value> named(const JsonReader& reader, std::string_view key,
                           std::optional<Value> (*fromName)(std::string_view)) {
    if (!reader.has(key)) return std::nullopt;
    const auto value = fromName(reader.text(key));
    if (!value) reader.wrong(key, UPBEAT_TEXT("is not known"));
    return value;
}

Habit habitFromJson(const JsonReader& reader) {
    Habit habit;
    habit.at = reader.beats("at");
    habit.limb = named<Limb>(reader, "limb", limbFromName);
    habit.voice = named<Voice>(reader, "voice", voiceFromName);
    habit.level = named<Level>(reader, "level", levelFromName);
    habit.offsetMs = reader.number("offset_ms", 0);
    habit.levelDb = reader.number("level_db", 0);
    habit.chance = reader.number("chance", 1);
    return habit;
}

std::array<double, 3> classesFromJson(const JsonReader& reader, const std::array<double, 3>& fallback) {
    return {reader.number("ghost", fallback[0]), reader.number("tap", fallback[1]),
            reader.number("accent", fallback[2])};
}

nlohmann::json classesToJson(const std::array<double, 3>& values) {
    return {{"ghost", values[0]}, {"tap", values[1]}, {"accent", values[2]}};
}

}  // namespace

std::string toJson(const Character& c) {
    nlohmann::json habits = nlohmann::json::array();
    for (const Habit& habit : c.habits) habits.push_back(habitToJson(habit));
    const nlohmann::json json{
        {"format", kCharacterFormat},
        {"version", 1},
        {"placement_ms", c.placementMs},
        {"spread_ms", c.spreadMs},
        {"wander_ms", c.wanderMs},
        {"drift_ms_per_min", c.driftMsPerMin},
        {"habits", habits},
        {"accent_db", c.accentDb},
        {"relative_db", classesToJson(c.relativeDb)},
        {"level_spread_db", classesToJson(c.levelSpreadDb)},
        {"swing_ratio", c.swingRatio},
        {"grace_ms", c.graceMs},
        {"grace_spread_ms", c.graceSpreadMs},
        {"grace_db", c.graceDb},
        {"bounce_ms", c.bounceMs},
        {"roll_gap_ms", c.rollGapMs},
        {"miss_chance", c.missChance},
        {"extra_chance", c.extraChance},
    };
    return json.dump(2) + "\n";
}

Result<Character> characterFromJson(std::string_view text, const std::string& where) {
    const auto json =
        parseOwnFile(text, where, {kCharacterFormat, "this is not a simulated player", "choose a character file"});
    if (!json) return tl::unexpected(json.error());
    std::optional<Error> error;
    const JsonReader reader(*json, "", error);
    Character c;
    c.placementMs = reader.number("placement_ms", c.placementMs);
    c.spreadMs = reader.number("spread_ms", c.spreadMs);
    c.wanderMs = reader.number("wander_ms", c.wanderMs);
    c.driftMsPerMin = reader.number("drift_ms_per_min", c.driftMsPerMin);
    c.bounceMs = reader.number("bounce_ms", c.bounceMs);
    c.rollGapMs = reader.number("roll_gap_ms", c.rollGapMs);
    c.accentDb = reader.number("accent_db", c.accentDb);
    c.relativeDb = classesFromJson(reader.child("relative_db"), c.relativeDb);
    c.levelSpreadDb = classesFromJson(reader.child("level_spread_db"), c.levelSpreadDb);
    c.swingRatio = reader.number("swing_ratio", c.swingRatio);
    c.graceMs = reader.number("grace_ms", c.graceMs);
    c.graceSpreadMs = reader.number("grace_spread_ms", c.graceSpreadMs);
    c.graceDb = reader.number("grace_db", c.graceDb);
    c.missChance = reader.number("miss_chance", c.missChance);
    c.extraChance = reader.number("extra_chance", c.extraChance);
    reader.each("habits", [&](const JsonReader& habit) { c.habits.push_back(habitFromJson(habit)); });
    return checkedAs(std::move(c), error, where);
}

Result<Character> readCharacter(const std::filesystem::path& path) {
    return readThrough(path, characterFromJson);
}

}  // namespace upbeat
