#include "upbeat/formats/learner_json.h"

#include "figure_json.h"
#include "json_reader.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/character_json.h"
#include "upbeat/words/words.h"

namespace upbeat {

namespace {

constexpr std::string_view kFormat = "upbeat-check/learner";

json takeToJson(const ClimbTake& take, const Exercise& page) {
    const Verdict& v = take.verdict;
    return {{"number", take.number},
            {"day", take.day},
            {"tempo_bpm", take.tempoBpm},
            {"stage", toName(take.stage)},
            {"truth", {{"spread_ms", take.truth.spreadMs}, {"clean", take.truth.clean}}},
            {"verdict",
             {{"action", toName(v.action)},
              {"reason", words::reasonOf(page, v).said()},
              {"takes_more", v.takesToGo ? json(*v.takesToGo) : json(nullptr)}}}};
}

Result<Character> playerOf(const json& file, const std::string& where) {
    if (!file.contains("player")) return Character();
    json player = file["player"];
    if (!player.is_object())
        return fail(UPBEAT_TEXT("\"player\" is not an object"), where, UPBEAT_TEXT("see docs/formats/learner.md"));
    player["format"] = "upbeat-check/character";
    player["version"] = 1;
    return characterFromJson(player.dump(-1, ' ', false, json::error_handler_t::replace), where);
}

}  // namespace

std::string toJson(const Learner& l) {
    json player = json::parse(toJson(l.atEase));
    player.erase("format");
    player.erase("version");
    const json file{{"format", kFormat},
                    {"version", 1},
                    {"player", player},
                    {"ceiling_bpm", l.ceilingBpm},
                    {"spread_ms_per_percent", l.spreadMsPerPercent},
                    {"gap_db_per_percent", l.gapDbPerPercent},
                    {"habit_ms_per_percent", l.habitMsPerPercent},
                    {"habit_at", l.habitAt.toString()},
                    {"rises", l.rises},
                    {"reach", l.reach},
                    {"sinks", l.sinks},
                    {"takes_a_day", l.takesADay},
                    {"passes", l.passes}};
    return file.dump(2) + "\n";
}

Result<Learner> learnerFromJson(std::string_view text, const std::string& where) {
    const auto file = parseOwnFile(text, where, {kFormat, "this is not a learner", "choose a learner file"});
    if (!file) return tl::unexpected(file.error());
    Learner l;
    auto player = playerOf(*file, where);
    if (!player) return tl::unexpected(player.error());
    l.atEase = *std::move(player);
    std::optional<Error> error;
    const JsonReader reader(*file, "", error);
    l.ceilingBpm = reader.number("ceiling_bpm", l.ceilingBpm);
    l.spreadMsPerPercent = reader.number("spread_ms_per_percent", l.spreadMsPerPercent);
    l.gapDbPerPercent = reader.number("gap_db_per_percent", l.gapDbPerPercent);
    l.habitMsPerPercent = reader.number("habit_ms_per_percent", l.habitMsPerPercent);
    l.rises = reader.number("rises", l.rises);
    l.reach = reader.number("reach", l.reach);
    l.sinks = reader.number("sinks", l.sinks);
    l.habitAt = reader.beats("habit_at").value_or(l.habitAt);
    l.takesADay = reader.integer("takes_a_day", l.takesADay);
    l.passes = reader.integer("passes", l.passes);
    return checkedAs(std::move(l), error, where);
}

Result<Learner> readLearner(const std::filesystem::path& path) {
    return readThrough(path, learnerFromJson);
}

std::string climbToJson(const ClimbRun& run, const Exercise& page) {
    const json file{{"format", "upbeat-check/climb"},
                    {"version", 1},
                    {"takes", listToJson(run.takes, [&page](const ClimbTake& t) { return takeToJson(t, page); })},
                    {"reached_bpm", run.reachedBpm},
                    {"ceiling_bpm", run.ceilingBpm}};
    return file.dump(2) + "\n";
}

}  // namespace upbeat
