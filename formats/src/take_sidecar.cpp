#include "upbeat/formats/take_sidecar.h"
#include "upbeat/formats/limits_json.h"

#include "json_reader.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/exercise_json.h"

namespace upbeat {

namespace {

constexpr std::string_view kTakeFormat = "upbeat-check/take";
constexpr std::size_t kMostHits = 1'000'000;

Hit hitFromJson(const JsonReader& reader) {
    Hit hit;
    hit.timeS = reader.number("time_s", 0);
    hit.levelDb = reader.number("level_db", -120);
    hit.strength = reader.number("strength", 0);
    hit.contrastDb = reader.number("contrast_db", 0);
    hit.clipped = reader.flag("clipped", false);
    hit.voice = voiceFromName(reader.text("voice"));
    hit.exact = reader.flag("exact", false);
    hit.foreign = reader.flag("foreign", false);
    hit.refused = reader.flag("refused", false);
    return hit;
}

ClickPlan clickFrom(const JsonReader& reader, const Exercise& exercise) {
    ClickPlan click = clickFor(exercise, Bpm(reader.number("tempo_bpm", 80)));
    click.countInBars = reader.integer("count_in_bars", 1);
    click.subdivision = reader.integer("subdivision", 1);
    click.audibleAfterCountIn = reader.flag("audible", true);
    click.swing = reader.number("swing", 1);
    click.beats = static_cast<std::uint32_t>(std::clamp(reader.number("beats", 4294967295.0), 0.0, 4294967295.0));
    click.offBeats = reader.flag("off_beats", false);
    click.silent.on = reader.integer("bars_on", 1);
    click.silent.off = reader.integer("bars_off", 0);
    click.tone = static_cast<ClickTone>(std::clamp(reader.integer("tone", 0), 0, kClickTones - 1));
    return click;
}

Ladder ladderFrom(const JsonReader& reader) {
    return {reader.number("start", 60),  reader.number("goal", 100),
            reader.number("step", 4),    reader.integer("clean_needed", 3),
            reader.flag("stage", false), ladderRuleFromName(reader.text("rule", "step")).value_or(LadderRule::Step),
            reader.number("percent", 5), reader.flag("by_minutes", false)};
}

nlohmann::json jsonOf(const ClickPlan& click) {
    return {{"tempo_bpm", click.tempo.value()},
            {"count_in_bars", click.countInBars},
            {"subdivision", click.subdivision},
            {"audible", click.audibleAfterCountIn},
            {"swing", click.swing},
            {"beats", click.beats},
            {"off_beats", click.offBeats},
            {"bars_on", click.silent.on},
            {"bars_off", click.silent.off},
            {"tone", static_cast<int>(click.tone)}};
}

nlohmann::json jsonOf(const std::vector<Hit>& some) {
    nlohmann::json hits = nlohmann::json::array();
    for (const Hit& hit : some) {
        hits.push_back({{"time_s", hit.timeS},
                        {"level_db", hit.levelDb},
                        {"strength", hit.strength},
                        {"contrast_db", hit.contrastDb},
                        {"clipped", hit.clipped}});
        if (hit.voice) hits.back()["voice"] = toName(*hit.voice);
        if (hit.exact) hits.back()["exact"] = true;
        if (hit.foreign) hits.back()["foreign"] = true;
        if (hit.refused) hits.back()["refused"] = true;
    }
    return hits;
}

TakeRecord recordFrom(const JsonReader& reader, Exercise exercise) {
    TakeRecord take;
    take.exercise = std::move(exercise);
    take.click = clickFrom(reader.child("click"), take.exercise);
    take.frame.tempoBpm = take.click.tempo.value();
    take.frame.bars = reader.integer("bars", 0);
    take.frame.firstBeatS = reader.number("first_beat_s", 0);
    take.frame.latencyS = reader.number("latency_s", 0);
    take.frame.clickBleed = reader.flag("click_heard", false);
    take.durationS = reader.number("duration_s", 0);
    take.device = reader.text("device");
    take.profile.kind = profileFromName(reader.text("profile")).value_or(take.profile.kind);
    if (reader.has("limits")) take.profile.own = ownLimitsFromJson(reader.child("limits").value().dump());
    take.startedAt = reader.text("started_at");
    take.sampleRate = reader.integer("sample_rate", 48000);
    take.recovered = reader.flag("recovered", false);
    take.openEnded = reader.flag("open_ended", false);
    take.simulated = reader.flag("simulated", false);
    take.padGhosts = {reader.integer("pad_doubles", 0), reader.integer("pad_crosstalk", 0)};
    take.frame.anchor = {anchorFromName(reader.text("anchor")).value_or(AnchorKind::Given),
                         reader.number("anchor_uncertain_ms", 0)};
    if (reader.has("ladder")) take.ladder = ladderFrom(reader.child("ladder"));
    reader.each("damaged", [&](const JsonReader& span) {
        take.frame.damaged.push_back({span.number("from_s", 0), span.number("to_s", 0)});
    });
    reader.each("hits", [&](const JsonReader& hit) {
        if (take.hits.size() < kMostHits) take.hits.push_back(hitFromJson(hit));
    });
    return take;
}

}  // namespace

std::string toJson(const ClickPlan& click) {
    return jsonOf(click).dump();
}

Result<ClickPlan> clickFromJson(std::string_view text, const Exercise& exercise, const std::string& where) {
    const auto json = parseJson(text, where);
    if (!json) return tl::unexpected(json.error());
    std::optional<Error> error;
    ClickPlan click = clickFrom(JsonReader(*json, "", error), exercise);
    return checkedAs(std::move(click), error, where);
}

std::string toJson(const TakeRecord& take) {
    nlohmann::json damaged = nlohmann::json::array();
    for (const DamagedSpan& span : take.frame.damaged) damaged.push_back({{"from_s", span.fromS}, {"to_s", span.toS}});
    nlohmann::json json{
        {"format", kTakeFormat},
        {"version", 1},
        {"exercise", nlohmann::json::parse(toJson(take.exercise))},
        {"click", jsonOf(take.click)},
        {"bars", take.frame.bars},
        {"first_beat_s", take.frame.firstBeatS},
        {"latency_s", take.frame.latencyS},
        {"click_heard", take.frame.clickBleed},
        {"duration_s", take.durationS},
        {"device", take.device},
        {"profile", toName(take.profile.kind)},
        {"started_at", take.startedAt},
        {"sample_rate", take.sampleRate},
        {"recovered", take.recovered},
        {"open_ended", take.openEnded},
        {"simulated", take.simulated},
        {"pad_doubles", take.padGhosts.doubles},
        {"pad_crosstalk", take.padGhosts.crosstalk},
        {"anchor", toName(take.frame.anchor.kind)},
        {"anchor_uncertain_ms", take.frame.anchor.uncertainMs},
        {"damaged", damaged},
        {"hits", jsonOf(take.hits)},
    };
    if (!take.profile.own.empty()) json["limits"] = nlohmann::json::parse(toJson(take.profile.own));
    if (const auto& ladder = take.ladder)
        json["ladder"] = {{"start", ladder->startBpm},      {"goal", ladder->goalBpm},
                          {"step", ladder->stepBpm},        {"clean_needed", ladder->cleanNeeded},
                          {"stage", ladder->stage},         {"rule", toName(ladder->rule)},
                          {"percent", ladder->stepPercent}, {"by_minutes", ladder->byMinutes}};
    return json.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

Result<TakeRecord> sidecarFromJson(std::string_view text, const std::string& where) {
    const auto json = parseOwnFile(
        text, where, {kTakeFormat, "this does not describe a take", "choose the file beside the recording"});
    if (!json) return tl::unexpected(json.error());
    std::optional<Error> error;
    const JsonReader reader(*json, "", error);
    auto exercise = exerciseFromJson(reader.child("exercise").value().dump(), where);
    if (!exercise) return tl::unexpected(exercise.error());
    TakeRecord take = recordFrom(reader, *std::move(exercise));
    return checkedAs(std::move(take), error, where);
}

Result<TakeRecord> readSidecar(const std::filesystem::path& path) {
    const auto text = readFile(path, 256U << 20U);
    if (!text) return tl::unexpected(text.error());
    return sidecarFromJson(*text, path.string());
}

}  // namespace upbeat
