#include <array>
#include <map>

#include "figure_json.h"
#include "upbeat/words/words.h"

namespace upbeat {

namespace {

json groupToJson(const Exercise& e, const GroupRow& row) {
    json out{{"axis", toName(row.axis)},          {"name", words::nameOf(row).said()},
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

json feelToJson(const FeelPlayed& feel) {
    return {{"voice", feel.voice ? json(toName(*feel.voice)) : json(nullptr)},
            {"asked_ms", rounded(feel.askedMs)},
            {"away_ms", toJson(feel.awayMs)}};
}

json comparedToJson(const LikeForLike& compared) {
    constexpr std::array kBy{"count and voice", "count", "nothing"};
    return {{"pulse_ms", toJson(compared.pulseMs)},
            {"level_db", toJson(compared.levelDb)},
            {"by", kBy.at(static_cast<std::size_t>(compared.by))}};
}

json sectionToJson(const Exercise& e, const SectionPlayed& played) {
    return {{"name", played.section.name},
            {"from_bar", printedBar(e, played.section.from)},
            {"to_bar", printedBar(e, played.section.to)},
            {"placement_ms", toJson(played.placementMs)},
            {"spread_ms", toJson(played.spreadMs)},
            {"tempo_bpm", toJson(played.tempoBpm)},
            {"against_before", comparedToJson(played.here)},
            {"two_bars_behind", comparedToJson(played.behind)}};
}

json returnsToJson(const std::optional<Returns>& returns) {
    constexpr std::array kWay{"drift", "jump", "hidden"};
    if (!returns) return nullptr;
    return {{"lands_ms", toJson(returns->landsMs)},
            {"off_ms", toJson(returns->offMs)},
            {"all", listToJson(returns->all, [&](const Return& one) {
                 return json{{"bar", one.bar},
                             {"bars_away", one.barsAway},
                             {"of", one.free ? "page" : "click"},
                             {"lands_ms", rounded(one.landsMs)},
                             {"way", kWay.at(static_cast<std::size_t>(one.way))}};
             })}};
}

json freeSpacesToJson(const std::optional<FreeSpaces>& spaces) {
    if (!spaces) return nullptr;
    return {{"longer_percent", toJson(spaces->longerPercent)},
            {"uneven_ms", toJson(spaces->unevenMs)},
            {"all", listToJson(spaces->all, [](const FreeSpace& one) {
                 json entry{{"pass", one.pass}, {"free_span", one.span}, {"notes", one.asked}, {"played", one.played}};
                 entry["longer_percent"] = one.longerPercent ? json(rounded(*one.longerPercent)) : json();
                 return entry;
             })}};
}

json unisonToJson(const Unison& u) {
    return {{"voice", toName(u.voice)},
            {"against", toName(u.against)},
            {"behind_ms", u.behindMs ? toJson(*u.behindMs) : json()},
            {"apart_ms", toJson(u.apartMs)}};
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

}  // namespace

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
    out["unisons"] = listToJson(m.unisons, unisonToJson);
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
    out["feel"] = listToJson(m.feel, feelToJson);
    out["sections"] = listToJson(m.sections, [&](const SectionPlayed& s) { return sectionToJson(e, s); });
    out["returns"] = returnsToJson(m.returns);
    out["free_spaces"] = freeSpacesToJson(m.freeSpaces);
    out["breaks"] = listToJson(a.matched.breaks, [](const Break& b) {
        return json{{"at_s", rounded(b.atS)}, {"beats", b.beats}, {"strokes", b.strokes}, {"at_end", b.atEnd}};
    });
    return out;
}

}  // namespace upbeat
