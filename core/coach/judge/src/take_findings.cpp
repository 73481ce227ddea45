// Faults of the take as a whole.
#include <algorithm>
#include <cmath>

#include "fault_finder.h"
#include "structure_findings.h"
#include "upbeat/music/page.h"

namespace upbeat {

namespace {

/// A gap that is too small even without the counts that are out of their level.
bool isStillBelow(const std::optional<Figure>& gap, double limit) {
    return gap && gap->high < limit;
}

}  // namespace

void FaultFinder::whole(FindingKind kind, const Figure& figure, std::string unit, double weight, const Fault& fault) {
    Finding f;
    f.kind = kind;
    f.figure = figure;
    f.unit = std::move(unit);
    f.passes = f.of = m_take.passes;
    f.weight = weight;
    f.fault = fault;
    m_found.push_back(std::move(f));
}

void FaultFinder::findWhole() {
    for (const Gate& gate : judge(m_take, m_measures, m_profile))
        if (gate.state == GateState::Missed) sayGate(gate);
    findGrace();
    findFreeNotes();
}

void FaultFinder::sayGate(const Gate& gate) {
    const Figure& v = gate.measured;
    const double over = gate.atLeast ? gate.limit / std::max(v.value, 0.1) : v.value / std::max(gate.limit, 0.1);
    switch (gate.kind) {
        case GateKind::Spread:
            whole(FindingKind::Uneven, v, "ms", over, HitsScatter{gate.limit});
            break;
        case GateKind::Mistakes:
            if (!m_take.extra.empty())
                whole(FindingKind::Extra,
                      shareFigure(std::min(static_cast<int>(m_take.extra.size()), m_take.passes), m_take.passes), "%",
                      over * 0.6, UnwrittenStrokes{static_cast<int>(m_take.extra.size())});
            break;
        case GateKind::AccentTapGap:
            if (isStillBelow(m_measures.causes.balance.accentTapGapDb, gate.limit))
                whole(FindingKind::LevelGap, v, "dB", over, AccentsTooLow{gate.limit});
            break;
        case GateKind::TapGhostGap:
            if (isStillBelow(m_measures.causes.balance.tapGhostGapDb, gate.limit))
                whole(FindingKind::LevelGap, v, "dB", over, GhostsTooHigh{gate.limit});
            break;
        case GateKind::GraceSpread:
            whole(FindingKind::Grace, v, "ms", over, GraceUneven{});
            break;
        case GateKind::Return:
            sayReturns(over);
            break;
        default:
            break;
    }
}

/// A pulse that drifts the same way in every silence is said already.
void FaultFinder::sayReturns(double weight) {
    const Returns& returns = *m_measures.returns;
    const bool isSaid = std::any_of(m_found.begin(), m_found.end(),
                                    [](const Finding& f) { return std::holds_alternative<SilenceDrifts>(f.fault); });
    if (isSaid) return;
    const auto jumps = std::count_if(returns.all.begin(), returns.all.end(),
                                     [](const Return& one) { return one.way == Return::Way::Jump; });
    const bool free = std::all_of(returns.all.begin(), returns.all.end(), [](const Return& one) { return one.free; });
    whole(FindingKind::Drift, *returns.offMs, "ms", weight, ReturnsOff{static_cast<int>(jumps), free});
}

void FaultFinder::findFeel() {
    const double limit = m_profile.limit(GateKind::Feel, shortestStepMs(m_take.exercise, Bpm(m_take.tempoBpm)));
    for (const FeelPlayed& feel : m_measures.feel) {
        const Figure& away = feel.awayMs;
        if (distance(away).low <= limit) continue;
        std::erase_if(m_found, [&feel](const Finding& f) {
            return std::holds_alternative<GroupApart>(f.fault) && f.voice && f.voice == feel.voice;
        });
        whole(away.value > 0 ? FindingKind::Late : FindingKind::Early, against(away, -feel.askedMs), "ms",
              std::abs(away.value) / limit, FeelMissed{feel.askedMs});
        m_found.back().voice = feel.voice;
    }
}

void FaultFinder::findFreeNotes() {
    if (!m_measures.freeSpaces) return;
    const FreeSpaces& spaces = *m_measures.freeSpaces;
    const int all = static_cast<int>(spaces.all.size());
    if (const int wrong = spaces.miscounted(); wrong > 0)
        whole(FindingKind::Extra, shareFigure(wrong, all), "%", 4.0 * wrong / all, FreeNotesMiscounted{wrong, all});
    constexpr double kToldPercent = 3;  // a sextuplet at 100 ends 18 ms early or late
    if (const auto& longer = spaces.longerPercent; longer && distance(*longer).low > kToldPercent)
        whole(FindingKind::Drift, *longer, "%", std::abs(longer->value) / kToldPercent, FreeNotesStretched{});
    const double limit = m_profile.limit(GateKind::Spread, shortestStepMs(m_take.exercise, Bpm(m_take.tempoBpm)));
    if (spaces.unevenMs && spaces.unevenMs->low > limit)
        whole(FindingKind::Uneven, *spaces.unevenMs, "ms", spaces.unevenMs->value / limit, FreeNotesUneven{});
}

void FaultFinder::findGrace() {
    if (!m_measures.ornaments || !m_measures.ornaments->spacingMs) return;
    constexpr double kTightestMs = 10;
    constexpr double kWidestMs = 45;
    const Figure& spacing = *m_measures.ornaments->spacingMs;
    if (spacing.low > kWidestMs) whole(FindingKind::Grace, spacing, "ms", spacing.value / kWidestMs, GraceTooWide{});
    if (spacing.high < kTightestMs)
        whole(FindingKind::Grace, spacing, "ms", kTightestMs / std::max(spacing.value, 1.0), GraceTooNear{});
}

}  // namespace upbeat
