#include "upbeat/formats/analysis_json.h"

#include <map>

#include "figure_json.h"
#include "upbeat/words/words.h"

namespace upbeat {

namespace {

/// What the hits are written for while the rest of the document is; no title or sentence holds it.
constexpr std::string_view kHitsMark = "\"\\u0001hits\"";

/// The list of hits as it stands in the document: one after the other, for a long take has a great many of them.
std::string hitsAsText(const TakeAnalysis& a) {
    // Strokes struck together share one hit: the hit's note is the first of them, the others follow under "with".
    std::map<int, std::vector<const MatchedStroke*>> byHit;
    for (const MatchedStroke& s : a.matched.strokes) byHit[s.hit].push_back(&s);
    std::string text;
    for (std::size_t i = 0; i < a.matched.hits.size(); ++i) {
        const Hit& hit = a.matched.hits[i];
        json entry{{"time_s", rounded(hit.timeS, 1e-7)},
                   {"level_db", rounded(hit.levelDb, 1e-3)},
                   {"confidence", rounded(confidence(hit), 1e-3)},
                   {"voice", hit.voice ? json(toName(*hit.voice)) : json(nullptr)},
                   {"note", nullptr},
                   {"offset_ms", nullptr},
                   {"class", nullptr}};
        const auto found = byHit.find(static_cast<int>(i));
        if (found != byHit.end()) {
            const MatchedStroke& s = *found->second.front();
            if (!hit.voice) entry["voice"] = toName(s.stroke.voice);
            entry["note"] = noteToJson(a.matched, s.written);
            entry["offset_ms"] = rounded(s.offsetMs);
            if (s.askedMs != 0) entry["asked_ms"] = rounded(s.askedMs);
            entry["class"] = toName(soundedLevel(a.measures.balance, hit.levelDb, s.stroke.level));
            for (std::size_t k = 1; k < found->second.size(); ++k)
                entry["with"].push_back(noteToJson(a.matched, found->second[k]->written));
        }
        text += i == 0 ? "[\n  " : ",\n  ";
        for (const char c : entry.dump(1, ' ', false, json::error_handler_t::replace)) {
            text += c;
            if (c == '\n') text += "  ";
        }
    }
    return text.empty() ? "[]" : text + "\n ]";
}

json summaryToJson(const TakeAnalysis& a) {
    const Timing& t = a.measures.timing;
    const Balance& b = a.measures.balance;
    return {{"placement_ms", toJson(t.placementMs)},
            {"spread_ms", toJson(t.spreadMs)},
            {"drift_ms_per_min", toJson(t.driftMsPerMin)},
            {"habit_share", rounded(t.habitShare)},
            {"wander_share", rounded(t.wanderShare)},
            {"remainder_share", rounded(t.remainderShare)},
            {"swing_ratio", a.measures.swing ? toJson(a.measures.swing->ratio) : json(nullptr)},
            {"offbeat_percent", a.measures.swing ? toJson(a.measures.swing->offbeatPercent) : json(nullptr)},
            {"gap_accent_tap_db", toJson(b.accentTapGapDb)},
            {"gap_tap_ghost_db", toJson(b.tapGhostGapDb)},
            {"overlap_percent", toJson(b.overlapPercent)},
            {"flam_ms", a.measures.ornaments ? toJson(a.measures.ornaments->spacingMs) : json(nullptr)},
            {"flam_spread_ms", a.measures.ornaments ? toJson(a.measures.ornaments->spacingSpreadMs) : json(nullptr)},
            {"missed", a.matched.missed.size()},
            {"extra", a.matched.extra.size()}};
}

json spanToJson(const std::optional<Span>& span) {
    if (!span) return nullptr;
    return {{"bar", span->bar},
            {"from_beat", rounded(span->fromBeat.toDouble())},
            {"to_beat", rounded(span->toBeat.toDouble())}};
}

json findingToJson(const Exercise& e, const Finding& f) {
    const json place = f.stroke ? placeToJson(e, *f.stroke) : json(nullptr);
    return {{"kind", toName(f.kind)},
            {"place", place},
            {"hand", f.limb ? json(handLetter(*f.limb)) : json(nullptr)},
            {"voice", f.voice ? json(toName(*f.voice)) : json(nullptr)},
            {"level", f.level ? json(toName(*f.level)) : json(nullptr)},
            {"value", rounded(f.figure.value)},
            {"low", rounded(f.figure.low)},
            {"high", rounded(f.figure.high)},
            {"unit", f.unit},
            {"passes", f.passes},
            {"of", f.of},
            {"explains", listToJson(f.explains, [&e](int stroke) { return placeToJson(e, stroke); })},
            {"sentence", words::sentenceOf(e, f).said()},
            {"section", f.section ? json(f.section->name) : json(nullptr)},
            {"drill", spanToJson(f.drill)}};
}

json gateToJson(const Gate& gate) {
    json entry{{"name", toName(gate.kind)}, {"measured", toJson(gate.measured)}, {"limit", rounded(gate.limit)},
               {"at_least", gate.atLeast},  {"unit", unitOf(gate.kind)},         {"state", toName(gate.state)}};
    if (gate.ownLimit) entry["own_limit"] = true;
    return entry;
}

json readingToJson(const StartReading& reading) {
    return {{"tempo_bpm", rounded(reading.tempoBpm)}, {"first_beat_s", rounded(reading.firstBeatS, 1e-7)}};
}

json startToJson(const std::optional<TakeStart>& start) {
    if (!start) return nullptr;
    json out = readingToJson(start->reading);
    out["by"] = toName(start->by);
    out["sure"] = start->sure;
    out["others"] = listToJson(start->others, readingToJson);
    return out;
}

json clippedSpans(const MatchedTake& take) {
    json spans = json::array();
    for (const Hit& hit : take.hits)
        if (hit.clipped) spans.push_back({rounded(hit.timeS), rounded(hit.timeS + 0.035)});
    return spans;
}

}  // namespace

std::string analysisToJson(const TakeAnalysis& a, const TakeFacts& facts) {
    const MatchedTake& take = a.matched;
    const json out{
        {"version", 1},
        {"take",
         {{"file", facts.file},
          {"sample_rate", facts.sampleRate},
          {"duration_s", rounded(facts.durationS)},
          {"gain_rides", take.gainRides},
          {"click_measured", take.clickInstead},
          {"clipped_spans", clippedSpans(take)},
          {"damaged_spans", listToJson(facts.damaged,
                                       [](const DamagedSpan& s) {
                                           return json{s.fromS, s.toS};
                                       })}}},
        {"pattern",
         {{"title", take.exercise.title},
          {"bars", take.exercise.bars},
          {"meter", metersInWords(take.exercise)},
          {"strokes", take.exercise.strokes.size()}}},
        {"tempo_bpm", take.tempoBpm},
        {"first_beat_s", take.firstBeatS},
        {"start", startToJson(facts.start)},
        {"bars", take.bars},
        {"passes", take.passes},
        {"hits", "\x01hits"},
        {"sounds",
         listToJson(take.pale,
                    [](const Hit& hit) {
                        return json{{"time_s", rounded(hit.timeS, 1e-7)}, {"level_db", rounded(hit.levelDb, 1e-3)}};
                    })},
        {"missed", listToJson(take.missed, [&](const WrittenStroke& w) { return noteToJson(take, w); })},
        {"summary", summaryToJson(a)},
        {"measures", measuresToJson(a)},
        {"findings", listToJson(a.findings, [&](const Finding& f) { return findingToJson(take.exercise, f); })},
        {"gates", listToJson(a.gates, gateToJson)},
        {"verdict",
         {{"action", toName(a.verdict.action)},
          {"reason", words::headlineOf(a.verdict).said() + " " + words::reasonOf(take.exercise, a.verdict).said()},
          {"next_tempo_bpm", a.verdict.nextTempoBpm},
          {"span", spanToJson(a.verdict.span)}}},
    };
    std::string text = out.dump(1, ' ', false, json::error_handler_t::replace) + "\n";
    return text.replace(text.find(kHitsMark), kHitsMark.size(), hitsAsText(a));
}

}  // namespace upbeat
