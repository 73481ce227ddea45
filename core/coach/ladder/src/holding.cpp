#include "upbeat/ladder/holding.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace upbeat {

namespace {

double meanExcess(const std::vector<Gate>& gates) {
    double sum = 0;
    for (const Gate& gate : gates) sum += std::log(std::max(1e-3, excess(gate)));
    return sum / static_cast<double>(gates.size());
}

Holding::Trend trendOf(const std::vector<Gate>& gates) {
    std::vector<double> numbers;
    std::vector<double> values;
    for (const Gate& gate : gates) {
        numbers.push_back(static_cast<double>(numbers.size()));
        values.push_back(gate.measured.value);
    }
    const auto slope = slopeFigure(numbers, values);
    if (!slope || (slope->low <= 0 && slope->high >= 0)) return Holding::Trend::NotSure;
    return (slope->value > 0) == gates.front().atLeast ? Holding::Trend::Better : Holding::Trend::Worse;
}

}  // namespace

std::optional<Holding> holdingOf(const std::vector<RungTake>& onRung) {
    std::map<GateKind, Holding> all;
    for (const RungTake& take : onRung)
        for (const Gate& gate : take.gates) {
            Holding& holding = all[gate.kind];
            holding.takes.push_back(gate);
            if (gate.state == GateState::Missed) ++holding.missed;
        }
    const auto worst = std::max_element(all.begin(), all.end(), [](const auto& a, const auto& b) {
        if (a.second.missed != b.second.missed) return a.second.missed < b.second.missed;
        return meanExcess(a.second.takes) < meanExcess(b.second.takes);
    });
    if (worst == all.end() || worst->second.missed == 0) return std::nullopt;
    worst->second.trend = trendOf(worst->second.takes);
    return worst->second;
}

}  // namespace upbeat
