#include "upbeat/ladder/verdict.h"

#include <algorithm>
#include <cmath>

#include "upbeat/ladder/evidence.h"
#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<5> kActions{"up", "again", "back", "isolate", "easier"};

/// The takes on a rung that say something of a gate; of old ones only what was missed is known.
std::size_t speakingOf(GateKind kind, const std::vector<RungTake>& takes) {
    return static_cast<std::size_t>(std::count_if(takes.begin(), takes.end(), [kind](const RungTake& take) {
        return take.missed == kind || std::any_of(take.gates.begin(), take.gates.end(),
                                                  [kind](const Gate& gate) { return gate.kind == kind; });
    }));
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

/// The ladder and what was played on it before this take.
struct Climbed {
    const Ladder& ladder;
    const std::vector<RungTake>& history;
    SilentBars silent;

    [[nodiscard]] bool byClick() const {
        return ladder.rule == LadderRule::LessClick && !ladder.stage && !ladder.byMinutes;
    }
};

Verdict clean(const Climbed& climbed, Verdict v) {
    const Ladder& ladder = climbed.ladder;
    v.reason = TakesWereClean{};
    if (v.cleanInARow < v.cleanNeeded) return v;
    v.takesToGo.reset();
    if (climbed.byClick()) {
        if (const auto less = lessClick(climbed.silent)) {
            v.click = less;
            v.action = Action::Up;
            return v;
        }
        v.click = SilentBars{};  // all of it from here on
    }
    v.goalReached = !ladder.stage && v.tempoBpm >= ladder.goalBpm - kSameTempo;
    if (v.goalReached || (ladder.byMinutes && !ladder.stage)) return v;
    if (!ladder.stage) v.nextTempoBpm = rungAfterClean(ladder, v.tempoBpm, climbed.history);
    v.action = v.nextTempoBpm < v.tempoBpm ? Action::Back : Action::Up;
    return v;
}

Verdict stepBack(const Climbed& climbed, Verdict v) {
    v.action = Action::Back;
    if (climbed.byClick()) v.click = moreClick(climbed.silent);
    if (v.click) return v;
    v.nextTempoBpm = rungAfterMissed(climbed.ladder, v.tempoBpm, climbed.history);
    if (!climbed.ladder.stage && v.nextTempoBpm >= v.tempoBpm - kSameTempo) v.action = Action::Easier;
    return v;
}

/// `takes`: on this rung, this one included.
Verdict missed(const MatchedTake& take, const Gate& gate, const std::vector<Finding>& findings, const Climbed& climbed,
               std::size_t takes, Verdict v) {
    if (fallsApart(take)) {
        v.reason = FellApart{static_cast<int>(take.missed.size()), static_cast<int>(take.extra.size())};
        return stepBack(climbed, v);
    }
    v.reason = GateWasMissed{gate};
    if (takes < 2) return v;
    const auto stroke = onePlace(gate, findings);
    if (!stroke) return stepBack(climbed, v);
    v.action = Action::Isolate;
    v.span = beatAround(take.exercise, *stroke);
    return v;
}

Verdict again(double tempoBpm, const Ladder& ladder) {
    Verdict v;
    v.tempoBpm = v.nextTempoBpm = tempoBpm;
    v.cleanNeeded = ladder.cleanNeeded;
    v.stage = ladder.stage;
    return v;
}

}  // namespace

std::string_view toName(Action action) {
    return nameIn(kActions, action);
}

std::optional<Action> actionFromName(std::string_view name) {
    return valueNamed<Action>(kActions, name);
}

Verdict damagedTake(double tempoBpm, double lostS, const Ladder& ladder) {
    Verdict v = again(tempoBpm, ladder);
    v.reason = TakeWasDamaged{lostS};
    return v;
}

Verdict simulatedTake(double tempoBpm, const Ladder& ladder) {
    Verdict v = again(tempoBpm, ladder);
    v.reason = PlayedByNobody{};
    return v;
}

Verdict unmeasuredTake(double tempoBpm, const Ladder& ladder) {
    Verdict v = again(tempoBpm, ladder);
    v.reason = ClickWasMeasured{};
    return v;
}

RungTake remember(double tempoBpm, const std::vector<Gate>& gates) {
    const auto worst = worstMissed(gates);
    RungTake take;
    take.tempoBpm = tempoBpm;
    take.clean = isClean(gates);
    if (worst) take.missed = worst->kind;
    take.gates = gates;
    return take;
}

Verdict decide(const MatchedTake& take, const std::vector<Gate>& gates, const std::vector<Finding>& findings,
               const Ladder& ladder, const std::vector<RungTake>& history) {
    const Climbed climbed{ladder, history, take.silent};
    Verdict v = again(take.tempoBpm, ladder);
    v.pageBars = take.exercise.bars;
    const auto before = onThisRung(history, take.tempoBpm);
    const auto together = pooled(gates, before);
    if (const auto worst = worstMissed(together))
        return missed(take, *worst, findings, climbed, speakingOf(worst->kind, before) + 1, v);
    v.takesToGo = takesToGo(gates, before, ladder.cleanNeeded);
    if (const auto worst = worstMissed(gates)) return missed(take, *worst, findings, climbed, 1, v);
    if (isClean(together)) {
        v.cleanInARow = static_cast<int>(before.size()) + 1;
        return clean(climbed, v);
    }
    const auto unsure =
        std::find_if(together.begin(), together.end(), [](const Gate& g) { return g.state == GateState::Unsure; });
    if (unsure == together.end())
        v.reason = TooLittlePlayed{};
    else
        v.reason = GateIsUnsure{*unsure};
    return v;
}

}  // namespace upbeat
