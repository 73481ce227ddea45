#include "upbeat/formats/analysis_json.h"

#include <cmath>
#include <map>
#include <nlohmann/json.hpp>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

using nlohmann::json;

/// Four decimals of a millisecond or decibel are beyond anything measured and keep the file short.
double rounded(double value, double unit = 1e-4) {
    return std::round(value / unit) * unit;
}

json toJson(const Figure& f) {
    return {{"value", rounded(f.value)}, {"low", rounded(f.low)}, {"high", rounded(f.high)}, {"n", f.n}};
}

json toJson(const std::optional<Figure>& f) {
    return f ? toJson(*f) : json(nullptr);
}

json noteToJson(const MatchedTake& take, const WrittenStroke& w) {
    const Stroke& stroke = take.exercise.strokes[static_cast<std::size_t>(w.stroke)];
    const CountPlace place = placeOf(take.exercise, stroke.at);
    return {{"pass", w.pass},
            {"bar", place.bar},
            {"beat", rounded(place.beat.toDouble())},
            {"voice", toName(stroke.voice)},
            {"hand", handLetter(stroke.limb)},
            {"stroke", w.role == Role::Grace ? std::string_view("grace") : toName(stroke.level)},
            {"grid_time_s", rounded(take.firstBeatS + w.gridS, 1e-7)}};
}

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

template <class List, class Convert>
json listToJson(const List& list, Convert convert) {
    json out = json::array();
    for (const auto& element : list) out.push_back(convert(element));
    return out;
}

json placeToJson(const Exercise& e, int stroke) {
    const CountPlace place = placeOf(e, e.strokes[static_cast<std::size_t>(stroke)].at);
    return {{"bar", place.bar}, {"beat", rounded(place.beat.toDouble())}};
}

json groupToJson(const Exercise& e, const GroupRow& row) {
    json out{{"axis", toName(row.axis)},          {"name", row.name},
             {"offset_ms", toJson(row.offsetMs)}, {"spread_ms", toJson(row.spreadMs)},
             {"level_db", toJson(row.levelDb)},   {"n", row.n}};
    if (row.axis == Axis::Count) {
        out["place"] = placeToJson(e, row.key);
    }
    return out;
}

json pulseToJson(const Exercise& e, const PulseChange& p) {
    return {{"place", placeToJson(e, p.stroke)}, {"strokes_before", p.strokesBefore}, {"strokes_after", p.strokesAfter},
            {"before_ms", toJson(p.beforeMs)},   {"across_ms", toJson(p.acrossMs)},   {"after_ms", toJson(p.afterMs)}};
}

json dynamicToJson(const DynamicPlayed& d) {
    return {{"swell", d.swell}, {"level_db", toJson(d.levelDb)}, {"written_db", d.writtenDb}};
}

json swellToJson(const SwellPlayed& s) {
    return {{"db_per_beat", toJson(s.dbPerBeat)},
            {"written_db_per_beat", rounded(s.writtenDbPerBeat)},
            {"start_db", toJson(s.startDb)},
            {"end_db", toJson(s.endDb)},
            {"largest_step_back_db", rounded(s.largestStepBackDb)},
            {"r_squared", rounded(s.fit)}};
}

json countsToJson(const Counts& c) {
    return {{"written", c.written},
            {"played", c.played},
            {"missed", c.missed},
            {"extra", c.extra},
            {"wrong_class", c.wrongClass},
            {"wrong_voice", c.wrongVoice.size()},
            {"grace_missed", c.graceMissed},
            {"surplus_by_bar", c.surplusByBar}};
}

json qualityToJson(const MatchedTake& take, const StrokeQuality& q) {
    return {{"voice", toName(q.voice)},
            {"level", toName(q.level)},
            {"distance_db", toJson(q.distanceDb)},
            {"odd", listToJson(q.odd, [&](const OddStroke& odd) {
                 return json{{"time_s", rounded(odd.timeS)},
                             {"distance_db", rounded(odd.distanceDb)},
                             {"note", noteToJson(take, odd.written)}};
             })}};
}

/// Every measure beyond the summary.
json measuresToJson(const TakeAnalysis& a) {
    const Measures& m = a.measures;
    const Exercise& e = a.matched.exercise;
    json classes = json::object();
    for (const Level level : {Level::Ghost, Level::Tap, Level::Accent}) {
        const auto c = static_cast<std::size_t>(level);
        classes[std::string(toName(level))] = {{"median_db", toJson(m.balance.medianDb[c])},
                                               {"evenness_db", toJson(m.balance.evennessDb[c])},
                                               {"right_minus_left_db", toJson(m.balance.handsDb[c])}};
    }
    json out{{"classes", classes},
             {"gap_accent_ghost_db", toJson(m.balance.accentGhostGapDb)},
             {"counts", countsToJson(m.counts)}};
    out["groups"] = listToJson(m.groups, [&](const GroupRow& row) { return groupToJson(e, row); });
    out["pulse_changes"] = listToJson(m.pulse, [&](const PulseChange& p) { return pulseToJson(e, p); });
    out["swells"] = listToJson(m.swells, swellToJson);
    out["dynamics"] = listToJson(m.dynamics, dynamicToJson);
    out["accent_runs"] = listToJson(m.accentRuns, [&](const AccentRun& run) {
        return json{{"stroke", run.stroke}, {"length", run.length}, {"db_per_stroke", toJson(run.dbPerStroke)}};
    });
    out["unisons"] = listToJson(m.unisons, [](const Unison& u) {
        return json{{"voice", toName(u.voice)},
                    {"against", toName(u.against)},
                    {"behind_ms", toJson(u.behindMs)},
                    {"apart_ms", toJson(u.apartMs)}};
    });
    out["rolls"] = listToJson(m.rolls, [](const RollPlayed& r) {
        return json{{"stroke", r.stroke},
                    {"strokes", r.strokes},
                    {"longest_gap_ms", toJson(r.longestGapMs)},
                    {"ripple_db", toJson(r.rippleDb)},
                    {"pulse_db", toJson(r.pulseDb)},
                    {"wrist_spread_ms", toJson(r.wristMs)},
                    {"release_ms", toJson(r.releaseMs)}};
    });
    out["stroke_quality"] = listToJson(m.quality, [&](const StrokeQuality& q) { return qualityToJson(a.matched, q); });
    out["wrong_voice"] =
        listToJson(m.counts.wrongVoice, [&](const WrittenStroke& w) { return noteToJson(a.matched, w); });
    out["doubles"] = m.doubles ? json{{"pairs", m.doubles->pairs},
                                      {"second_db", toJson(m.doubles->secondDb)},
                                      {"inside_ms", toJson(m.doubles->insideMs)},
                                      {"between_ms", toJson(m.doubles->betweenMs)}}
                               : json(nullptr);
    out["ornaments"] = m.ornaments ? json{{"written", m.ornaments->written},
                                          {"played", m.ornaments->played},
                                          {"spacing_ms", toJson(m.ornaments->spacingMs)},
                                          {"spacing_spread_ms", toJson(m.ornaments->spacingSpreadMs)},
                                          {"inside_ms", toJson(m.ornaments->insideMs)},
                                          {"grace_level_db", toJson(m.ornaments->graceLevelDb)}}
                                   : json(nullptr);
    out["breaks"] = listToJson(a.matched.breaks, [](const Break& b) {
        return json{{"at_s", rounded(b.atS)}, {"beats", b.beats}, {"strokes", b.strokes}};
    });
    return out;
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
            {"sentence", f.sentence},
            {"drill", spanToJson(f.drill)}};
}

json gateToJson(const Gate& gate) {
    return {{"name", toName(gate.kind)}, {"measured", toJson(gate.measured)}, {"limit", rounded(gate.limit)},
            {"at_least", gate.atLeast},  {"unit", unitOf(gate.kind)},         {"state", toName(gate.state)}};
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
        {"bars", take.bars},
        {"passes", take.passes},
        {"hits", "\x01hits"},
        {"missed", listToJson(take.missed, [&](const WrittenStroke& w) { return noteToJson(take, w); })},
        {"summary", summaryToJson(a)},
        {"measures", measuresToJson(a)},
        {"findings", listToJson(a.findings, [&](const Finding& f) { return findingToJson(take.exercise, f); })},
        {"gates", listToJson(a.gates, gateToJson)},
        {"verdict",
         {{"action", toName(a.verdict.action)},
          {"reason", a.verdict.headline + " " + a.verdict.reason},
          {"next_tempo_bpm", a.verdict.nextTempoBpm},
          {"span", spanToJson(a.verdict.span)}}},
    };
    std::string text = out.dump(1, ' ', false, json::error_handler_t::replace) + "\n";
    return text.replace(text.find(kHitsMark), kHitsMark.size(), hitsAsText(a));
}

}  // namespace upbeat
