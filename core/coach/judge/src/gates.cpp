#include "upbeat/judge/gates.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/music/page.h"
#include "upbeat/music/written_swing.h"
#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<3> kStates{"met", "missed", "unsure"};

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
    Judge(const Profile& profile, double stepMs) : m_profile(profile), m_stepMs(stepMs) {}

    /// `times`: the limit so many times.
    Gate* add(GateKind kind, const std::optional<Figure>& f, double times = 1) {
        if (!f) return nullptr;
        const double limit = m_profile.limit(kind, m_stepMs) * times;
        Gate gate{kind, *f, limit, asksAtLeast(kind), GateState::Met, std::nullopt, std::nullopt};
        gate.state = stateOf(*f, limit, gate.atLeast);
        gate.ownLimit = m_profile.isOwn(kind);
        m_gates.push_back(gate);
        return &m_gates.back();
    }
    std::vector<Gate> take() { return std::move(m_gates); }

  private:
    const Profile& m_profile;
    const double m_stepMs;
    std::vector<Gate> m_gates;
};

/// The largest of what hands and voices lie apart by: a cause, or what is left without any.
void judgeApart(Judge& judge, const Measures& m) {
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
    judge.add(GateKind::Apart, distance(*worst))->who = who;
}

/// A count on which a cause is heard that is no matter of a hand or voice, and no drift.
std::optional<int> countOf(const Cause& cause) {
    const bool ofGroup = std::holds_alternative<VoiceLies>(cause.of) || std::holds_alternative<LimbLies>(cause.of);
    if (ofGroup || cause.strokes.empty()) return std::nullopt;
    return cause.strokes.front();
}

/// The largest cause of counts; without one, what counts lean by beyond chance.
void judgeHabit(Judge& judge, const Measures& m) {
    const Cause* worst = nullptr;
    for (const Cause& cause : m.causes.offsets.causes)
        if (countOf(cause) && (worst == nullptr || std::abs(cause.size.value) > std::abs(worst->size.value)))
            worst = &cause;
    if (worst == nullptr)
        judge.add(GateKind::Habit, m.causes.habitMs);
    else
        judge.add(GateKind::Habit, distance(worst->size))->stroke = countOf(*worst);
}

void judgeMistakes(Judge& judge, const MatchedTake& take, const std::optional<FreeSpaces>& spaces) {
    constexpr std::size_t kLostPlace = 3;  // weighs as much as three strokes
    const auto lost = static_cast<std::size_t>(
        std::count_if(take.breaks.begin(), take.breaks.end(), [](const Break& b) { return !b.atEnd; }));
    const int written = static_cast<int>(take.missed.size() + take.extra.size() + kLostPlace * lost);
    const int mistakes = written + (spaces ? spaces->notesOff() : 0);
    const double value = mistakes;
    judge.add(GateKind::Mistakes, Figure{value, value, value, take.bars}, take.bars / 4.0);
}

void judgeOffbeat(Judge& judge, const std::optional<Swing>& swing) {
    if (!swing || !swing->offbeatPercent) return;
    const double target = offbeatPercent(swing->targetRatio);
    judge.add(GateKind::Offbeat, distance(against(*swing->offbeatPercent, target)));
}

/// The placement that is farthest from what is asked.
void judgeFeel(Judge& judge, const std::vector<FeelPlayed>& feel) {
    const auto worst = std::max_element(feel.begin(), feel.end(), [](const FeelPlayed& a, const FeelPlayed& b) {
        return std::abs(a.awayMs.value) < std::abs(b.awayMs.value);
    });
    if (worst == feel.end()) return;
    Gate& gate = *judge.add(GateKind::Feel, distance(worst->awayMs));
    if (worst->voice) gate.who = *worst->voice;
}

}  // namespace

std::string_view toName(GateState state) {
    return nameIn(kStates, state);
}

std::optional<GateState> gateStateFromName(std::string_view name) {
    return valueNamed<GateState>(kStates, name);
}

std::vector<AskedGate> askedOf(const Exercise& e, Bpm tempo, const Profile& profile) {
    const auto any = [&e](auto is) { return std::any_of(e.strokes.begin(), e.strokes.end(), is); };
    const auto isOther = [&](const Stroke& s) {
        return s.voice != e.strokes.front().voice || s.limb != e.strokes.front().limb;
    };
    const auto applies = [&](GateKind kind) {
        switch (kind) {
            case GateKind::Apart:
                return any(isOther);
            case GateKind::AccentTapGap:
                return uses(e, Level::Accent) && uses(e, Level::Tap);
            case GateKind::TapGhostGap:
                return uses(e, Level::Tap) && uses(e, Level::Ghost);
            case GateKind::Overlap:
                return uses(e, Level::Accent) + uses(e, Level::Tap) + uses(e, Level::Ghost) > 1;
            case GateKind::Offbeat:
                return e.feel.isSwung() || writtenSwing(e).has_value();
            case GateKind::Feel:
                return !e.placements.empty();
            case GateKind::GraceSpread:
                return any([](const Stroke& s) { return graceNotes(s.ornament) > 0; });
            default:
                return true;
        }
    };
    const double stepMs = shortestStepMs(e, tempo);
    std::vector<AskedGate> asked;
    for (int k = 0; k < kGateKinds; ++k) {
        const auto kind = static_cast<GateKind>(k);
        if (applies(kind))
            asked.push_back({kind, profile.limit(kind, stepMs), profile.builtIn(kind, stepMs), profile.isOwn(kind)});
    }
    return asked;
}

std::vector<Gate> judge(const MatchedTake& take, const Measures& m, const Profile& profile) {
    if (take.bars < 1) return {};
    Judge judge(profile, shortestStepMs(take.exercise, Bpm(take.tempoBpm)));
    judge.add(GateKind::Spread, m.causes.spreadMs);
    if (m.timing.placementMs) judge.add(GateKind::Placement, distance(*m.timing.placementMs));
    judgeApart(judge, m);
    judgeHabit(judge, m);
    judgeMistakes(judge, take, m.freeSpaces);
    judge.add(GateKind::AccentTapGap, m.balance.accentTapGapDb);
    judge.add(GateKind::TapGhostGap, m.balance.tapGhostGapDb);
    judge.add(GateKind::Overlap, m.balance.overlapPercent);
    judgeOffbeat(judge, m.swing);
    if (m.ornaments) judge.add(GateKind::GraceSpread, m.ornaments->spacingSpreadMs);
    if (m.timing.driftMsPerBar) judge.add(GateKind::Drift, distance(*m.timing.driftMsPerBar));
    judgeFeel(judge, m.feel);
    if (m.returns) judge.add(GateKind::Return, m.returns->offMs);
    return judge.take();
}

}  // namespace upbeat
