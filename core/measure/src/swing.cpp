#include "upbeat/measure/swing.h"

#include <cmath>
#include <map>
#include <vector>

namespace upbeat {

namespace {

/// Straight position counted over the whole take, so that the end of one pass is the start of the next.
using Onsets = std::map<Beats, double>;

Onsets onsetsByPosition(const MatchedTake& take) {
    Onsets onsets;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main) continue;
        const Beats at = s.stroke.at + take.exercise.length() * (s.written.pass - 1);
        onsets.emplace(at, s.written.gridS + s.offsetMs * 1e-3);
    }
    return onsets;
}

}  // namespace

std::optional<Swing> measureSwing(const MatchedTake& take) {
    const Feel& feel = take.exercise.feel;
    if (!feel.isSwung()) return std::nullopt;
    const Beats span = swungSpan(feel.level);
    const Onsets onsets = onsetsByPosition(take);
    std::vector<double> logs;
    for (const auto& [at, start] : onsets) {
        if (!(wrapped(at, span) == Beats(0))) continue;
        const auto middle = onsets.find(at + span / 2);
        const auto next = onsets.find(at + span);
        if (middle == onsets.end() || next == onsets.end()) continue;
        const double first = middle->second - start;
        const double second = next->second - middle->second;
        if (first > 0 && second > 0) logs.push_back(std::log(first / second));
    }
    Swing swing{std::nullopt, std::nullopt, feel.ratio};
    if (logs.size() < 4) return swing;
    const int n = static_cast<int>(logs.size());
    const Figure log = withError(mean(logs), standardDeviation(logs) / std::sqrt(n), n);
    const auto place = [](double l) { return offbeatPercent(std::exp(l)); };
    swing.ratio = Figure{std::exp(log.value), std::exp(log.low), std::exp(log.high), n};
    swing.offbeatPercent = Figure{place(log.value), place(log.low), place(log.high), n};
    return swing;
}

}  // namespace upbeat
