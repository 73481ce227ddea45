#include "upbeat/ladder/evidence.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

namespace {

/// What one take says of a gate.
struct Said {
    double value = 0;
    double error = 0;   ///< Standard error towards the limit.
    double weight = 1;  ///< 1 for the newest.
};

bool isCounted(const Figure& figure) {
    return figure.low == figure.value && figure.high == figure.value;
}

/// The side of the interval on which the limit lies: distances that are near 0 have a short one on the other.
double errorOf(const Figure& f, double limit) {
    const bool isBelow = f.value < limit;
    const double half = isBelow ? f.high - f.value : f.value - f.low;
    return half / studentT975(1e6);
}

const Gate* gateOf(const RungTake& take, GateKind kind) {
    const auto found =
        std::find_if(take.gates.begin(), take.gates.end(), [kind](const Gate& g) { return g.kind == kind; });
    return found == take.gates.end() ? nullptr : &*found;
}

std::vector<Said> saidOf(const Gate& now, const std::vector<RungTake>& before) {
    constexpr double kForget = 0.9;  // from take to take
    std::vector<Said> said{{now.measured.value, errorOf(now.measured, now.limit), 1}};
    double weight = 1;
    for (auto take = before.rbegin(); take != before.rend() && said.size() < kDecidedAt; ++take) {
        weight *= kForget;
        const Gate* gate = gateOf(*take, now.kind);
        if (gate == nullptr) continue;
        said.push_back({gate->measured.value, errorOf(gate->measured, now.limit),
                        weight * std::pow(0.5, std::min(take->daysAgo, 4))});
    }
    return said;
}

/// Mean by weight over squared error, and its standard error.
struct Mean {
    double value = 0;
    double error = 0;
};

Mean meanOf(const std::vector<Said>& said) {
    double weights = 0;
    double sum = 0;
    double squares = 0;
    for (const Said& one : said) {
        const double w = one.weight / (one.error * one.error);
        weights += w, sum += w * one.value;
        squares += w * one.weight;
    }
    Mean mean{sum / weights, std::sqrt(squares) / weights};
    if (said.size() < 3) return mean;
    double chi = 0;
    for (const Said& one : said) chi += one.weight * std::pow((one.value - mean.value) / one.error, 2.0);
    mean.error *= std::sqrt(std::max(1.0, chi / (static_cast<double>(said.size()) - 1)));
    return mean;
}

GateState stateBeyond(double distance, double error, bool decided) {
    constexpr double kErrors = 2;
    if (decided || distance > kErrors * error) return distance >= 0 ? GateState::Met : GateState::Missed;
    return distance < -kErrors * error ? GateState::Missed : GateState::Unsure;
}

Gate pooled(const Gate& now, const std::vector<RungTake>& before) {
    const auto said = saidOf(now, before);
    Gate gate = now;
    if (said.size() < 2) return gate;
    if (isCounted(now.measured)) {
        double sum = 0;
        double weights = 0;
        for (const Said& one : said) sum += one.weight * one.value, weights += one.weight;
        const double mean = now.limit > 0 ? sum / weights : now.measured.value;
        gate.measured = {mean, mean, mean, now.measured.n};
        gate.state = isWithin(now, mean) ? GateState::Met : GateState::Missed;
        return gate;
    }
    std::vector<Said> estimated = said;
    std::erase_if(estimated, [](const Said& one) { return one.error <= 0; });
    if (estimated.empty()) return gate;
    const Mean mean = meanOf(estimated);
    const double half = studentT975(1e6) * mean.error;
    gate.measured = {mean.value, mean.value - half, mean.value + half, now.measured.n};
    gate.state = stateBeyond(now.atLeast ? mean.value - now.limit : now.limit - mean.value, mean.error,
                             said.size() >= kDecidedAt);
    return gate;
}

}  // namespace

std::vector<Gate> pooled(const std::vector<Gate>& gates, const std::vector<RungTake>& before) {
    std::vector<Gate> all;
    all.reserve(gates.size());
    for (const Gate& gate : gates) all.push_back(pooled(gate, before));
    return all;
}

std::vector<GateEvidence> evidenceOf(const std::vector<Gate>& gates, const std::vector<RungTake>& before) {
    std::vector<GateEvidence> all;
    all.reserve(gates.size());
    for (const Gate& gate : gates) all.push_back({pooled(gate, before), takesToGo({gate}, before, 1)});
    return all;
}

std::vector<RungTake> onThisRung(const std::vector<RungTake>& history, double tempoBpm) {
    auto first = history.end();
    while (first != history.begin() && std::abs((first - 1)->tempoBpm - tempoBpm) <= kSameTempo &&
           !(first - 1)->leftAfter)
        --first;
    return {first, history.end()};
}

std::optional<int> takesToGo(const std::vector<Gate>& gates, const std::vector<RungTake>& before, int needed) {
    auto takes = before;
    RungTake like;
    like.gates = gates;
    for (int more = 0; more <= static_cast<int>(kDecidedAt); ++more) {
        if (static_cast<int>(takes.size()) + 1 >= needed && isClean(pooled(gates, takes))) return more;
        takes.push_back(like);
    }
    return std::nullopt;
}

}  // namespace upbeat
