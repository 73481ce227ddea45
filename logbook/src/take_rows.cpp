#include "take_rows.h"

#include "take_blobs.h"
#include "upbeat/formats/limits_json.h"
#include "upbeat/formats/take_sidecar.h"
#include "verdict_rows.h"

namespace upbeat {

namespace {

std::optional<Ladder> ladderFrom(const Row& row) {
    if (row.at("ladder_start").isNull()) return std::nullopt;
    return Ladder{row.number("ladder_start"),   row.number("ladder_goal"),
                  row.number("ladder_step"),    row.whole("ladder_clean_needed"),
                  row.flag("ladder_stage"),     ladderRuleFromName(row.text("ladder_rule")).value_or(LadderRule::Step),
                  row.number("ladder_percent"), row.flag("ladder_by_minutes")};
}

}  // namespace

Hit hitFrom(const Row& row) {
    Hit hit;
    hit.timeS = row.number("time_s");
    hit.levelDb = row.number("level_db");
    hit.strength = row.number("strength");
    hit.contrastDb = row.number("contrast_db");
    hit.clipped = row.flag("clipped");
    hit.voice = voiceFromName(row.text("voice"));
    hit.exact = row.flag("exact");
    hit.doubtful = row.flag("doubtful");
    hit.foreign = row.flag("foreign_sound");
    hit.refused = row.at("foreign_sound").toInt() == kRefusedSound;
    hit.hides = row.at("hides").toUInt();
    hit.peakS = row.number("peak_s");
    hit.colour = stepsFrom(row.at("colour").toByteArray());
    return hit;
}

TakeSummary summaryFrom(const Row& row) {
    TakeSummary take;
    take.id = row.at("id").toLongLong();
    take.exerciseId = row.text("exercise_id");
    take.title = row.text("title");
    take.startedAt = QDateTime::fromString(row.at("started_at").toString(), Qt::ISODate);
    take.tempoBpm = row.number("tempo_bpm");
    take.bars = row.whole("bars");
    take.durationS = row.number("duration_s");
    take.clean = row.flag("clean");
    take.simulated = row.flag("simulated");
    take.missedGate = row.text("missed_gate");
    take.verdict = verdictFrom(row);
    take.note = row.text("note");
    take.tags = row.text("tags");
    return take;
}

std::vector<Cell> cellsOf(const TakeRecord& take) {
    std::vector<Cell> cells{{"exercise_id", toQt(take.exercise.id)},
                            {"started_at", toQt(take.startedAt)},
                            {"tempo_bpm", take.frame.tempoBpm},
                            {"bars", take.frame.bars},
                            {"first_beat_s", take.frame.firstBeatS},
                            {"latency_s", take.frame.latencyS},
                            {"duration_s", take.durationS},
                            {"sample_rate", take.sampleRate},
                            {"device", toQt(take.device)},
                            {"profile", toQt(toName(take.profile.kind))},
                            {"limits", toQt(toJson(take.profile.own))},
                            {"file", toQt(take.file)},
                            {"recovered", take.recovered},
                            {"note", toQt(take.note)},
                            {"trace", packed(take.trace)},
                            {"trace_column_s", take.trace.columnS()},
                            {"click", toQt(toJson(take.click))},
                            {"click_heard", take.frame.clickBleed},
                            {"simulated", take.simulated},
                            {"pad_doubles", take.padGhosts.doubles},
                            {"pad_crosstalk", take.padGhosts.crosstalk},
                            {"anchor", toQt(toName(take.frame.anchor.kind))},
                            {"anchor_uncertain_ms", take.frame.anchor.uncertainMs}};
    if (const auto& ladder = take.ladder)
        cells.insert(cells.end(), {{"ladder_start", ladder->startBpm},
                                   {"ladder_goal", ladder->goalBpm},
                                   {"ladder_step", ladder->stepBpm},
                                   {"ladder_clean_needed", ladder->cleanNeeded},
                                   {"ladder_stage", ladder->stage},
                                   {"ladder_rule", toQt(std::string(toName(ladder->rule)))},
                                   {"ladder_percent", ladder->stepPercent},
                                   {"ladder_by_minutes", ladder->byMinutes}});
    return cells;
}

TakeRecord recordFrom(const Row& row, Exercise exercise) {
    TakeRecord take;
    take.exercise = std::move(exercise);
    take.startedAt = row.text("started_at");
    take.frame.tempoBpm = row.number("tempo_bpm");
    take.frame.firstBeatS = row.number("first_beat_s");
    take.frame.bars = row.whole("bars");
    take.frame.latencyS = row.number("latency_s");
    take.frame.clickBleed = row.flag("click_heard");
    take.durationS = row.number("duration_s");
    take.sampleRate = row.whole("sample_rate");
    take.device = row.text("device");
    take.profile.kind = profileFromName(row.text("profile")).value_or(take.profile.kind);
    take.profile.own = ownLimitsFromJson(row.text("limits"));
    take.file = row.text("file");
    take.recovered = row.flag("recovered");
    take.padGhosts = {row.whole("pad_doubles"), row.whole("pad_crosstalk")};
    take.simulated = row.flag("simulated");
    take.frame.anchor = {anchorFromName(row.text("anchor")).value_or(AnchorKind::Given),
                         row.number("anchor_uncertain_ms")};
    take.note = row.text("note");
    take.trace = unpacked(row.at("trace").toByteArray(), row.number("trace_column_s"));
    take.ladder = ladderFrom(row);
    return take;
}

}  // namespace upbeat
