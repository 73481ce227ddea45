#include "upbeat/ladder/verdict.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

namespace upbeat {

namespace {

constexpr std::array<std::string_view, 5> kActions{"up", "again", "back", "isolate", "easier"};

std::string tempoText(double bpm) {
    return std::abs(bpm - std::round(bpm)) < 0.05 ? fmt::format("{:.0f}", bpm) : fmt::format("{:.1f}", bpm);
}

std::string howMany(int count) {
    constexpr std::array<std::string_view, 6> kNumbers{"No", "One", "Two", "Three", "Four", "Five"};
    const std::string number =
        count < 6 ? std::string(kNumbers.at(static_cast<std::size_t>(count))) : fmt::format("{}", count);
    return fmt::format("{} clean take{}", number, count == 1 ? "" : "s");
}

bool missedBefore(const std::vector<RungTake>& history, double tempoBpm, GateKind kind) {
    return !history.empty() && std::abs(history.back().tempoBpm - tempoBpm) < 0.01 && history.back().missed == kind;
}

bool fallsApart(const MatchedTake& take) {
    const std::size_t written = take.exercise.strokes.size() * static_cast<std::size_t>(take.passes);
    return (take.missed.size() + take.extra.size()) * 8 > written;
}

/// The one place in the bar that a missed gate comes from, where there is one.
std::optional<int> onePlace(const Gate& gate, const std::vector<Finding>& findings) {
    if (gate.stroke) return gate.stroke;
    const bool byCount = gate.kind == GateKind::Mistakes || gate.kind == GateKind::Overlap ||
                         gate.kind == GateKind::TapGhostGap || gate.kind == GateKind::AccentTapGap;
    if (!byCount || findings.empty() || !findings.front().stroke) return std::nullopt;
    return findings.front().stroke;
}

Verdict clean(const Ladder& ladder, Verdict v, double tempo) {
    if (v.cleanInARow < v.cleanNeeded) {
        v.headline = fmt::format("Again at {}.", tempoText(tempo));
        v.reason = fmt::format("{} here; {} needed in a row.", howMany(v.cleanInARow), v.cleanNeeded);
        return v;
    }
    if (ladder.stage) {
        v.action = Action::Up;
        v.headline = "On to the next part.";
        v.reason = fmt::format("{} in a row: it is easy now.", howMany(v.cleanInARow));
        return v;
    }
    if (tempo >= ladder.goalBpm - 0.01) {
        v.goalReached = true;
        v.headline = fmt::format("Full speed: {}.", tempoText(tempo));
        v.reason = fmt::format("{} in a row at your goal. Keep it, or set a new goal.", howMany(v.cleanInARow));
        return v;
    }
    v.action = Action::Up;
    v.nextTempoBpm = ladder.above(tempo);
    v.headline = fmt::format("Up to {}.", tempoText(v.nextTempoBpm));
    v.reason = fmt::format("{} in a row at {}.", howMany(v.cleanInARow), tempoText(tempo));
    return v;
}

Verdict stepBack(const Ladder& ladder, Verdict v, double tempo, std::string reason) {
    v.action = Action::Back;
    v.nextTempoBpm = ladder.below(tempo);
    if (ladder.stage) {
        v.headline = "One part back.";
        v.reason = std::move(reason);
        return v;
    }
    if (v.nextTempoBpm >= tempo - 0.01) {
        v.action = Action::Easier;
        v.headline = "Make it easier first.";
        v.reason = reason + " This is the lowest rung: start slower or take fewer notes.";
        return v;
    }
    v.headline = fmt::format("Back to {}.", tempoText(v.nextTempoBpm));
    v.reason = std::move(reason);
    return v;
}

Verdict missed(const MatchedTake& take, const Gate& gate, const std::vector<Finding>& findings, const Ladder& ladder,
               const std::vector<RungTake>& history, Verdict v) {
    const double tempo = take.tempoBpm;
    const std::string what = gateInWords(take.exercise, gate);
    if (fallsApart(take))
        return stepBack(ladder, std::move(v), tempo,
                        fmt::format("{} strokes missed and {} not written.", take.missed.size(), take.extra.size()));
    if (!missedBefore(history, tempo, gate.kind)) {
        v.headline = fmt::format("Again at {}.", tempoText(tempo));
        v.reason = fmt::format("What holds it back: {}.", what);
        return v;
    }
    if (const auto stroke = onePlace(gate, findings)) {
        v.action = Action::Isolate;
        v.span = beatAround(take.exercise, *stroke);
        v.headline = fmt::format("Isolate beat {}{}.", v.span->fromBeat.floor(),
                                 take.exercise.bars > 1 ? fmt::format(" of bar {}", v.span->bar) : "");
        v.reason = fmt::format("One place holds it back twice: {}.", what);
        return v;
    }
    return stepBack(ladder, std::move(v), tempo, fmt::format("Missed twice in a row: {}.", what));
}

}  // namespace

std::string_view toName(Action action) {
    return kActions.at(static_cast<std::size_t>(action));
}

std::string gateInWords(const Exercise& exercise, const Gate& gate) {
    std::string where;
    if (gate.stroke)
        where = fmt::format(" ({}, {})", placeInWords(exercise, *gate.stroke), strokeInWords(exercise, *gate.stroke));
    if (!gate.who.empty()) where = fmt::format(" ({})", gate.who);
    std::string name(spokenName(gate.kind));
    name[0] = static_cast<char>(std::tolower(static_cast<unsigned char>(name[0])));
    const std::string_view asked = gate.atLeast ? "needs" : "limit";
    if (gate.kind == GateKind::Mistakes)
        return fmt::format("{} missed or extra, {} {:.3g}", static_cast<int>(gate.measured.value), asked, gate.limit);
    return fmt::format("{}{} {:.1f} {}, {} {:.1f}", name, where, gate.measured.value, unitOf(gate.kind), asked,
                       gate.limit);
}

Verdict damagedTake(double tempoBpm, double lostS, const Ladder& ladder) {
    Verdict v;
    v.nextTempoBpm = tempoBpm;
    v.cleanNeeded = ladder.cleanNeeded;
    v.headline = fmt::format("Again at {}.", tempoText(tempoBpm));
    v.reason = fmt::format("{:.0f} s of this take did not arrive: it does not count.", lostS);
    return v;
}

RungTake remember(double tempoBpm, const std::vector<Gate>& gates) {
    const auto worst = worstMissed(gates);
    return {tempoBpm, isClean(gates), worst ? std::optional(worst->kind) : std::nullopt};
}

Verdict decide(const MatchedTake& take, const std::vector<Gate>& gates, const std::vector<Finding>& findings,
               const Ladder& ladder, const std::vector<RungTake>& history) {
    const double tempo = take.tempoBpm;
    Verdict v;
    v.nextTempoBpm = tempo;
    v.cleanNeeded = ladder.cleanNeeded;
    if (isClean(gates)) {
        v.cleanInARow = cleanInARow(history, tempo) + 1;
        return clean(ladder, std::move(v), tempo);
    }
    if (const auto worst = worstMissed(gates)) return missed(take, *worst, findings, ladder, history, std::move(v));
    v.headline = fmt::format("Again at {}.", tempoText(tempo));
    const auto unsure =
        std::find_if(gates.begin(), gates.end(), [](const Gate& g) { return g.state == GateState::Unsure; });
    v.reason = unsure == gates.end()
                   ? std::string("Too little was played to judge.")
                   : fmt::format("Not sure yet, play more passes: {}.", gateInWords(take.exercise, *unsure));
    return v;
}

}  // namespace upbeat
