#include "upbeat/judge/gates.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

struct NameAndUnit {
    std::string_view name;
    std::string_view unit;
};

constexpr std::array<NameAndUnit, 11> kNames{{{"spread", "ms"},
                                              {"placement", "ms"},
                                              {"apart", "ms"},
                                              {"habit", "ms"},
                                              {"mistakes", ""},
                                              {"accent_tap_gap", "dB"},
                                              {"tap_ghost_gap", "dB"},
                                              {"overlap", "%"},
                                              {"offbeat", "%"},
                                              {"grace_spread", "ms"},
                                              {"drift", "ms a bar"}}};
constexpr NameTable<3> kStates{"met", "missed", "unsure"};

/// |figure|: the interval of a distance; it starts at 0 when the figure's interval holds 0.
Figure distance(const Figure& f) {
    const double far = std::max(std::abs(f.low), std::abs(f.high));
    const bool holdsZero = f.low <= 0 && f.high >= 0;
    return {std::abs(f.value), holdsZero ? 0.0 : std::min(std::abs(f.low), std::abs(f.high)), far, f.n};
}

GateState stateOf(const Figure& f, double limit, bool atLeast) {
    if (atLeast) {
        if (f.low >= limit) return GateState::Met;
        return f.high < limit ? GateState::Missed : GateState::Unsure;
    }
    if (f.high <= limit) return GateState::Met;
    return f.low > limit ? GateState::Missed : GateState::Unsure;
}

class Judge {
  public:
    void atMost(GateKind kind, const std::optional<Figure>& f, double limit) { add(kind, f, limit, false); }
    void atLeast(GateKind kind, const std::optional<Figure>& f, double limit) { add(kind, f, limit, true); }
    Gate& last() { return m_gates.back(); }
    [[nodiscard]] std::size_t count() const { return m_gates.size(); }
    std::vector<Gate> take() { return std::move(m_gates); }

  private:
    void add(GateKind kind, const std::optional<Figure>& f, double limit, bool atLeast) {
        if (f) m_gates.push_back({kind, *f, limit, atLeast, stateOf(*f, limit, atLeast), std::nullopt, std::nullopt});
    }

    std::vector<Gate> m_gates;
};

/// The largest of what hands and voices lie apart by: a cause, or what is left without any.
void judgeApart(Judge& judge, const Measures& m, double limit) {
    std::optional<Figure> worst;
    std::optional<StrokeGroup> who;
    const auto consider = [&](const Figure& ms, const StrokeGroup& group) {
        if (worst && std::abs(worst->value) >= std::abs(ms.value)) return;
        worst = ms;
        who = group;
    };
    for (const Apart& apart : m.causes.apart) consider(apart.ms, apart.group);
    for (const Cause& cause : m.causes.offsets.causes) {
        if (const auto* voice = std::get_if<VoiceLies>(&cause.of)) consider(cause.size, voice->voice);
        if (const auto* limb = std::get_if<LimbLies>(&cause.of)) consider(cause.size, limb->limb);
    }
    if (!worst) return;
    judge.atMost(GateKind::Apart, distance(*worst), limit);
    judge.last().who = who;
}

/// A count on which a cause is heard that is no matter of a hand or voice, and no drift.
std::optional<int> countOf(const Cause& cause) {
    const bool ofGroup = std::holds_alternative<VoiceLies>(cause.of) || std::holds_alternative<LimbLies>(cause.of);
    if (ofGroup || cause.strokes.empty()) return std::nullopt;
    return cause.strokes.front();
}

/// The largest cause of counts; without one, what counts lean by beyond chance.
void judgeHabit(Judge& judge, const Measures& m, double limit) {
    const Cause* worst = nullptr;
    for (const Cause& cause : m.causes.offsets.causes)
        if (countOf(cause) && (worst == nullptr || std::abs(cause.size.value) > std::abs(worst->size.value)))
            worst = &cause;
    if (worst == nullptr) return judge.atMost(GateKind::Habit, m.causes.habitMs, limit);
    judge.atMost(GateKind::Habit, distance(worst->size), limit);
    judge.last().stroke = countOf(*worst);
}

void judgeMistakes(Judge& judge, const MatchedTake& take, const Profile& profile) {
    constexpr std::size_t kLostPlace = 3;  // weighs as much as three strokes
    const auto mistakes = static_cast<int>(take.missed.size() + take.extra.size() + kLostPlace * take.breaks.size());
    const double value = mistakes;
    judge.atMost(GateKind::Mistakes, Figure{value, value, value, take.bars},
                 profile.mistakesPerFourBars * take.bars / 4.0);
}

void judgeOffbeat(Judge& judge, const std::optional<Swing>& swing, double limit) {
    if (!swing || !swing->offbeatPercent) return;
    const double target = offbeatPercent(swing->targetRatio);
    judge.atMost(GateKind::Offbeat, distance(against(*swing->offbeatPercent, target)), limit);
}

}  // namespace

std::string_view toName(GateKind kind) {
    return kNames.at(static_cast<std::size_t>(kind)).name;
}
std::string_view unitOf(GateKind kind) {
    return kNames.at(static_cast<std::size_t>(kind)).unit;
}
std::string_view toName(GateState state) {
    return nameIn(kStates, state);
}

std::optional<GateState> gateStateFromName(std::string_view name) {
    return valueNamed<GateState>(kStates, name);
}

std::optional<GateKind> gateFromName(std::string_view name) {
    for (std::size_t i = 0; i < kNames.size(); ++i)
        if (kNames[i].name == name) return static_cast<GateKind>(i);
    return std::nullopt;
}

std::vector<Gate> judge(const MatchedTake& take, const Measures& m, const Profile& profile) {
    const double stepMs = shortestStepMs(take.exercise, Bpm(take.tempoBpm));
    Judge judge;
    if (take.bars < 1) return {};
    judge.atMost(GateKind::Spread, m.causes.spreadMs, profile.spread.at(stepMs));
    if (m.timing.placementMs)
        judge.atMost(GateKind::Placement, distance(*m.timing.placementMs), profile.placement.at(stepMs));
    judgeApart(judge, m, profile.apart.at(stepMs));
    judgeHabit(judge, m, profile.habit.at(stepMs));
    judgeMistakes(judge, take, profile);
    judge.atLeast(GateKind::AccentTapGap, m.balance.accentTapGapDb, profile.accentTapGapDb);
    judge.atLeast(GateKind::TapGhostGap, m.balance.tapGhostGapDb, profile.tapGhostGapDb);
    judge.atMost(GateKind::Overlap, m.balance.overlapPercent, profile.overlapPercent);
    judgeOffbeat(judge, m.swing, profile.offbeatPercent);
    if (m.ornaments) judge.atMost(GateKind::GraceSpread, m.ornaments->spacingSpreadMs, profile.graceSpreadMs);
    if (m.timing.driftMsPerBar) judge.atMost(GateKind::Drift, distance(*m.timing.driftMsPerBar), profile.driftMsPerBar);
    return judge.take();
}

}  // namespace upbeat
