#include "upbeat/formats/learner_json.h"

#include "figure_json.h"
#include "json_reader.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/character_json.h"
#include "upbeat/words/words.h"

namespace upbeat {

namespace {

constexpr std::string_view kLearnerFormat = "upbeat-check/learner";

json takeToJson(const ClimbTake& take, const Exercise& page) {
    const Verdict& v = take.verdict;
    return {{"number", take.number},
            {"day", take.day},
            {"tempo_bpm", take.tempoBpm},
            {"stage", take.stage ? json(toName(*take.stage)) : json(nullptr)},
            {"truth", {{"spread_ms", take.truth.spreadMs}, {"clean", take.truth.clean}}},
            {"verdict",
             {{"action", toName(v.action)},
              {"reason", words::reasonOf(page, v).said()},
              {"takes_more", v.takesToGo ? json(*v.takesToGo) : json(nullptr)}}},
            {"forecast", {{"ceiling_bpm", toJson(take.ceilingBpm)}}}};
}

/// The keys of a character stand beside the learner's own.
Result<Character> playerOf(json file, const std::string& where) {
    file["format"] = "upbeat-check/character";
    return characterFromJson(file.dump(-1, ' ', false, json::error_handler_t::replace), where);
}

}  // namespace

std::string toJson(const Learner& l) {
    json file = json::parse(toJson(l.atEase));
    file.update({{"format", kLearnerFormat},
                 {"ceiling_bpm", l.ceilingBpm},
                 {"width_bpm", l.widthBpm},
                 {"gap_loss_db", l.gapLossDb},
                 {"learn_bpm_per_take", l.learnBpmPerTake},
                 {"plateau_bpm", l.plateauBpm},
                 {"forget_bpm_per_day", l.forgetBpmPerDay},
                 {"takes_per_day", l.takesPerDay},
                 {"passes", l.passes}});
    if (l.startBpm > 0) file["start_bpm"] = l.startBpm;
    if (l.goalBpm > 0) file["goal_bpm"] = l.goalBpm;
    return file.dump(2) + "\n";
}

Result<Learner> learnerFromJson(std::string_view text, const std::string& where) {
    const auto file = parseOwnFile(text, where, {kLearnerFormat, "this is not a learner", "choose a learner file"});
    if (!file) return tl::unexpected(file.error());
    Learner l;
    auto player = playerOf(*file, where);
    if (!player) return tl::unexpected(player.error());
    l.atEase = *std::move(player);
    std::optional<Error> error;
    const JsonReader reader(*file, "", error);
    l.startBpm = reader.number("start_bpm", l.startBpm);
    l.goalBpm = reader.number("goal_bpm", l.goalBpm);
    l.ceilingBpm = reader.number("ceiling_bpm", l.ceilingBpm);
    l.widthBpm = reader.number("width_bpm", l.widthBpm);
    l.gapLossDb = reader.number("gap_loss_db", l.gapLossDb);
    l.learnBpmPerTake = reader.number("learn_bpm_per_take", l.learnBpmPerTake);
    l.plateauBpm = reader.number("plateau_bpm", l.plateauBpm);
    l.forgetBpmPerDay = reader.number("forget_bpm_per_day", l.forgetBpmPerDay);
    l.takesPerDay = reader.integer("takes_per_day", l.takesPerDay);
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
