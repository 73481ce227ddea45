#include "upbeat/formats/take_sidecar.h"

#include "json_reader.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/exercise_json.h"

namespace upbeat {

namespace {

constexpr std::string_view kFormat = "upbeat-check/take";
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
    return hit;
}

ClickPlan clickFromJson(const JsonReader& reader, const Exercise& exercise) {
    ClickPlan click = clickFor(exercise, Bpm(reader.number("tempo_bpm", 80)));
    click.countInBars = reader.integer("count_in_bars", 1);
    click.subdivision = reader.integer("subdivision", 1);
    click.audibleAfterCountIn = reader.flag("audible", true);
    click.swing = reader.number("swing", 1);
    click.beats = static_cast<std::uint32_t>(std::clamp(reader.number("beats", 4294967295.0), 0.0, 4294967295.0));
    click.offBeats = reader.flag("off_beats", false);
    click.barsOn = reader.integer("bars_on", 1);
    click.barsOff = reader.integer("bars_off", 0);
    click.tone = static_cast<ClickTone>(std::clamp(reader.integer("tone", 0), 0, kClickTones - 1));
    return click;
}

}  // namespace

std::string toJson(const TakeSidecar& s) {
    nlohmann::json hits = nlohmann::json::array();
    for (const Hit& hit : s.hits) {
        hits.push_back({{"time_s", hit.timeS},
                        {"level_db", hit.levelDb},
                        {"strength", hit.strength},
                        {"contrast_db", hit.contrastDb},
                        {"clipped", hit.clipped}});
        if (hit.voice) hits.back()["voice"] = toName(*hit.voice);
        if (hit.exact) hits.back()["exact"] = true;
    }
    nlohmann::json damaged = nlohmann::json::array();
    for (const DamagedSpan& span : s.damaged) damaged.push_back({{"from_s", span.fromS}, {"to_s", span.toS}});
    const nlohmann::json json{
        {"format", kFormat},
        {"version", 1},
        {"exercise", nlohmann::json::parse(toJson(s.exercise))},
        {"click",
         {{"tempo_bpm", s.click.tempo.value()},
          {"count_in_bars", s.click.countInBars},
          {"subdivision", s.click.subdivision},
          {"audible", s.click.audibleAfterCountIn},
          {"swing", s.click.swing},
          {"beats", s.click.beats},
          {"off_beats", s.click.offBeats},
          {"bars_on", s.click.barsOn},
          {"bars_off", s.click.barsOff},
          {"tone", static_cast<int>(s.click.tone)}}},
        {"bars", s.bars},
        {"first_beat_s", s.firstBeatS},
        {"latency_s", s.latencyS},
        {"device", s.device},
        {"started_at", s.startedAt},
        {"sample_rate", s.sampleRate},
        {"damaged", damaged},
        {"hits", hits},
    };
    return json.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
}

Result<TakeSidecar> sidecarFromJson(std::string_view text, const std::string& where) {
    const auto json =
        parseOwnFile(text, where, {kFormat, "this does not describe a take", "choose the file beside the recording"});
    if (!json) return tl::unexpected(json.error());
    std::optional<Error> error;
    const JsonReader reader(*json, "", error);
    const auto exercise = exerciseFromJson(reader.child("exercise").value().dump(), where);
    if (!exercise) return tl::unexpected(exercise.error());
    TakeSidecar s;
    s.exercise = *exercise;
    s.click = clickFromJson(reader.child("click"), *exercise);
    s.bars = reader.integer("bars", 0);
    s.firstBeatS = reader.number("first_beat_s", 0);
    s.latencyS = reader.number("latency_s", 0);
    s.device = reader.text("device");
    s.startedAt = reader.text("started_at");
    s.sampleRate = reader.integer("sample_rate", 48000);
    reader.each("damaged", [&](const JsonReader& span) {
        s.damaged.push_back({span.number("from_s", 0), span.number("to_s", 0)});
    });
    reader.each("hits", [&](const JsonReader& hit) {
        if (s.hits.size() < kMostHits) s.hits.push_back(hitFromJson(hit));
    });
    if (!error)
        if (const auto ok = check(s.click); !ok) error = ok.error();
    if (error) {
        error->where = where;
        return tl::unexpected(*error);
    }
    return s;
}

Result<TakeSidecar> readSidecar(const std::filesystem::path& path) {
    const auto text = readFile(path, 256U << 20U);
    if (!text) return tl::unexpected(text.error());
    return sidecarFromJson(*text, path.string());
}

}  // namespace upbeat
