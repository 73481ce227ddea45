#include "upbeat/ladder/ladder.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

double excess(const Gate& gate) {
    const double value = std::max(gate.measured.value, 0.01);
    return gate.atLeast ? gate.limit / value : value / std::max(gate.limit, 0.1);
}

}  // namespace

std::vector<double> Ladder::rungs() const {
    std::vector<double> tempos;
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

std::optional<Gate> worstMissed(const std::vector<Gate>& gates) {
    std::optional<Gate> worst;
    for (const Gate& gate : gates)
        if (gate.state == GateState::Missed && (!worst || excess(gate) > excess(*worst))) worst = gate;
    return worst;
}

}  // namespace upbeat
