#include "upbeat/measure/timing.h"

#include <algorithm>
#include <cmath>
#include <map>

namespace upbeat {

namespace {

struct Observation {
    int stroke;
    int pass;
    double timeS;
    double offsetMs;
    double steadyMs;  // without the drift
};

/// Main strokes, one observation per sound: strokes struck together share their offset and count once each, since each
/// is a place on the page of its own.
std::vector<Observation> observe(const MatchedTake& take) {
    const auto steady = withoutDrift(take);
    std::vector<Observation> all;
    for (std::size_t i = 0; i < take.strokes.size(); ++i) {
        const MatchedStroke& s = take.strokes[i];
        if (s.written.role == Role::Main)
            all.push_back({s.written.stroke, s.written.pass, s.written.gridS, s.offsetMs, steady[i]});
    }
    return all;
}

/// Offsets far from the stroke's own median tell about accidents, not about habits. The stroke's own median: a count
/// that always leans far is a habit and must stay.
std::vector<Observation> withoutAccidents(std::vector<Observation> all, double spread) {
    std::map<int, std::vector<double>> byStroke;
    for (const Observation& o : all) byStroke[o.stroke].push_back(o.steadyMs);
    std::map<int, double> centre;
    for (const auto& [stroke, offsets] : byStroke) centre[stroke] = median(offsets);
    const double reach = std::max(4.0 * spread, 5.0);
    std::erase_if(all, [&](const Observation& o) { return std::abs(o.steadyMs - centre[o.stroke]) > reach; });
    return all;
}

using ByStroke = std::map<int, std::vector<double>>;

ByStroke leaningsByStroke(const std::vector<Observation>& all, double placement) {
    ByStroke groups;
    for (const Observation& o : all) groups[o.stroke].push_back(o.steadyMs - placement);
    return groups;
}

/// Pooled variance of the passes about each stroke's own mean.
double varianceWithin(const ByStroke& groups) {
    double sum = 0;
    double freedom = 0;
    for (const auto& [stroke, values] : groups) {
        const double centre = mean(values);
        for (const double v : values) sum += (v - centre) * (v - centre);
        freedom += static_cast<double>(values.size()) - 1;
    }
    return freedom > 0 ? sum / freedom : 0;
}

std::vector<CountHabit> habitsOf(const ByStroke& groups, double within) {
    std::vector<CountHabit> habits;
    for (const auto& [stroke, values] : groups) {
        if (values.size() < 2) continue;
        const double n = static_cast<double>(values.size());
        const double value = mean(values);
        // The scatter is pooled over all counts, so the interval uses many degrees of freedom even with few passes.
        const double half = 1.96 * std::sqrt(within / n) * 1.05;
        const auto side = std::count_if(values.begin(), values.end(), [value](double v) { return v * value > 0; });
        habits.push_back({stroke, {value, value - half, value + half, static_cast<int>(n)}, static_cast<int>(side)});
    }
    return habits;
}

/// Variance shared by strokes that follow one another once habits are taken off: what moves slowly.
double wanderVariance(const std::vector<Observation>& all, const ByStroke& groups, double placement) {
    std::map<int, double> habit;
    for (const auto& [stroke, values] : groups) habit[stroke] = mean(values);
    std::vector<double> rest;
    rest.reserve(all.size());
    for (const Observation& o : all) rest.push_back(o.steadyMs - placement - habit[o.stroke]);
    double sum = 0;
    int count = 0;
    for (std::size_t lag = 1; lag <= 3; ++lag)
        for (std::size_t i = 0; i + lag < rest.size(); ++i, ++count) sum += rest[i] * rest[i + lag];
    return count > 0 ? std::max(0.0, sum / count) : 0.0;
}

void fillShares(Timing& timing, const std::vector<Observation>& all, const ByStroke& groups, double placement) {
    const double within = varianceWithin(groups);
    std::vector<double> means;
    double visits = 0;
    for (const auto& [stroke, values] : groups) {
        means.push_back(mean(values));
        visits += static_cast<double>(values.size());
    }
    const double perStroke = means.empty() ? 1 : visits / static_cast<double>(means.size());
    const double between = standardDeviation(means) * standardDeviation(means);
    const double habit = std::max(0.0, between - within / std::max(perStroke, 1.0));
    const double wander = std::min(wanderVariance(all, groups, placement), within);
    const double total = habit + within;
    if (total <= 0) return;
    timing.habitShare = habit / total;
    timing.wanderShare = wander / total;
    timing.remainderShare = std::max(0.0, 1.0 - timing.habitShare - timing.wanderShare);
}

/// The interval of a placement with that of the latency beside it.
std::optional<Figure> anchored(Figure placement, const Anchor& anchor) {
    if (anchor.kind == AnchorKind::None) return std::nullopt;
    if (anchor.uncertainMs <= 0) return placement;
    placement.low = placement.value - std::hypot(placement.value - placement.low, anchor.uncertainMs);
    placement.high = placement.value + std::hypot(placement.high - placement.value, anchor.uncertainMs);
    return placement;
}

}  // namespace

std::vector<double> withoutDrift(const MatchedTake& take) {
    std::vector<double> times;
    std::vector<double> offsets;
    for (const MatchedStroke& s : take.strokes) {
        times.push_back(s.written.gridS);
        offsets.push_back(s.offsetMs);
    }
    const auto slope = slopeFigure(times, offsets);
    const double middle = mean(times);
    if (slope)
        for (std::size_t i = 0; i < offsets.size(); ++i) offsets[i] -= slope->value * (times[i] - middle);
    return offsets;
}

Timing measureTiming(const MatchedTake& take) {
    Timing timing;
    const auto everything = observe(take);
    std::vector<double> offsets;
    std::vector<int> passes;
    for (const Observation& o : everything) {
        offsets.push_back(o.offsetMs);
        passes.push_back(o.pass);
    }
    timing.placementMs = medianFigure(offsets, passes);
    timing.spreadMs = spreadFigure(offsets);
    if (!timing.placementMs || !timing.spreadMs) return timing;
    const double placement = timing.centreMs = timing.placementMs->value;
    timing.placementMs = anchored(*timing.placementMs, take.anchor);
    const auto all = withoutAccidents(everything, timing.spreadMs->value);
    std::vector<double> minutes;
    std::vector<double> kept;
    for (const Observation& o : all) {
        minutes.push_back(o.timeS / 60.0);
        kept.push_back(o.offsetMs);
    }
    timing.driftMsPerMin = slopeFigure(minutes, kept);
    if (timing.driftMsPerMin) {
        const double barMinutes = barDurationS(take.exercise, Bpm(take.tempoBpm)) / 60.0;
        const Figure& d = *timing.driftMsPerMin;
        timing.driftMsPerBar = Figure{d.value * barMinutes, d.low * barMinutes, d.high * barMinutes, d.n};
    }
    const ByStroke groups = leaningsByStroke(all, placement);
    timing.habits = habitsOf(groups, varianceWithin(groups));
    fillShares(timing, all, groups, placement);
    return timing;
}

}  // namespace upbeat
