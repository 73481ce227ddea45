#include "upbeat/ladder/ladder.h"

#include <algorithm>
#include <cmath>

#include "upbeat/units/name_table.h"

namespace upbeat {

namespace {

constexpr NameTable<kLadderRules> kRules{"step",      "percent", "two-up-one-back", "bisect", "hardest-spot-first",
                                         "less-click"};

}  // namespace

std::string_view toName(LadderRule rule) {
    return nameIn(kRules, rule);
}

std::optional<LadderRule> ladderRuleFromName(std::string_view name) {
    return valueNamed<LadderRule>(kRules, name);
}

std::vector<double> Ladder::rungs() const {
    std::vector<double> tempos;
    if (rule == LadderRule::Percent) {
        const double factor = 1 + std::clamp(stepPercent, 1.0, kLargestStepPercent) / 100;
        for (double bpm = startBpm; bpm < goalBpm - kSameTempo;) {
            tempos.push_back(bpm);
            bpm = std::max(bpm + 1, std::round(bpm * factor));
        }
        tempos.push_back(goalBpm);
        return tempos;
    }
    const double step = std::max(stepBpm, kSmallestTempoStep);  // a ladder may come from a damaged file
    for (int i = 0; startBpm + i * step < goalBpm - kSameTempo; ++i) tempos.push_back(startBpm + i * step);
    tempos.push_back(goalBpm);
    return tempos;
}

double Ladder::above(double tempoBpm) const {
    for (const double rung : rungs())
        if (rung > tempoBpm + kSameTempo) return rung;
    return goalBpm;
}

double Ladder::below(double tempoBpm) const {
    double found = startBpm;
    for (const double rung : rungs())
        if (rung < tempoBpm - kSameTempo) found = rung;
    return std::min(found, tempoBpm);
}

bool isClean(const std::vector<Gate>& gates) {
    return !gates.empty() &&
           std::all_of(gates.begin(), gates.end(), [](const Gate& g) { return g.state == GateState::Met; });
}

double excess(const Gate& gate) {
    const double value = std::max(gate.measured.value, 0.01);
    return gate.atLeast ? gate.limit / value : value / std::max(gate.limit, 0.1);
}

std::optional<Gate> worstMissed(const std::vector<Gate>& gates) {
    std::optional<Gate> worst;
    for (const Gate& gate : gates)
        if (gate.state == GateState::Missed && (!worst || excess(gate) > excess(*worst))) worst = gate;
    return worst;
}

}  // namespace upbeat
