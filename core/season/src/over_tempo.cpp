#include "upbeat/season/over_tempo.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "upbeat/music/page.h"

namespace upbeat {

namespace {

constexpr double kHalfLifeDays = 30;

double weightOf(const PastFigure& past) {
    return std::exp2(-past.daysAgo / kHalfLifeDays);
}

double targetRatio(const Exercise& exercise, double tempoBpm) {
    return feelOf(exercise, Bpm(tempoBpm)).ratio;
}

/// What a bend is sought in: where more is worse, if anything is.
struct Scale {
    const Exercise& exercise;
    SeasonMeasure measure;

    [[nodiscard]] double to(double tempo, double value) const {
        if (measure == SeasonMeasure::Swing) return std::log(std::max(value, 0.1) / targetRatio(exercise, tempo));
        return value;
    }
    /// A difference on the scale in the unit of the measure, at a value of it.
    [[nodiscard]] double back(double difference, double value) const {
        return measure == SeasonMeasure::Swing ? value * (1 - std::exp(-difference)) : difference;
    }
};

/// The least that a bend has to cost at the fastest rung before it is said, on the scale it is sought in.
double leastOf(SeasonMeasure measure) {
    switch (measure) {
        case SeasonMeasure::Spread:
            return 1;
        case SeasonMeasure::Swing:
            return 0.06;
        case SeasonMeasure::Ghosts:
        case SeasonMeasure::Accents:
            return 1.5;
        case SeasonMeasure::LeftHand:
        case SeasonMeasure::Placement:
            return 3;
        case SeasonMeasure::Grace:
            return 5;
    }
    return 0;
}

/// Gaps that shrink and swing that straightens are worse; a spread and grace notes that grow; of hands and placement
/// what leads away from where they were below the bend.
bool isWorse(SeasonMeasure measure, double lost, double before) {
    switch (measure) {
        case SeasonMeasure::Spread:
        case SeasonMeasure::Grace:
            return lost > 0;
        case SeasonMeasure::Ghosts:
        case SeasonMeasure::Accents:
        case SeasonMeasure::Swing:
            return lost < 0;
        case SeasonMeasure::LeftHand:
        case SeasonMeasure::Placement:
            break;
    }
    return std::abs(before + lost) > std::abs(before);
}

std::vector<RungFigure> rungsOf(const std::vector<PastFigure>& past) {
    std::map<double, std::vector<const PastFigure*>> byTempo;
    for (const PastFigure& one : past) byTempo[one.tempoBpm].push_back(&one);
    std::vector<RungFigure> rungs;
    for (const auto& [tempo, takes] : byTempo) {
        double weights = 0;
        double sum = 0;
        double own = 0;
        for (const PastFigure* take : takes) {
            const double w = weightOf(*take);
            weights += w, sum += w * take->figure.value, own += w * w * std::pow(take->figure.halfWidth(), 2.0);
        }
        const double value = sum / weights;
        double between = 0;
        for (const PastFigure* take : takes)
            between += std::pow(weightOf(*take) * (take->figure.value - value) * studentT975(1e6), 2.0);
        const double half = std::sqrt(std::max(own, between)) / weights;
        rungs.push_back({tempo, {value, value - half, value + half, static_cast<int>(takes.size())}});
    }
    return rungs;
}

void findBend(OverTempo& over, const Scale& scale, const std::vector<PastFigure>& past) {
    std::map<double, double> usual;
    for (const RungFigure& rung : over.rungs) usual[rung.tempoBpm] = std::max(1.0, rung.figure.value);
    std::vector<AtTempo> all;
    for (const PastFigure& one : past) {
        // A wide spread is known less well by as much as it is wide.
        const double known = over.measure == SeasonMeasure::Spread ? std::pow(usual.at(one.tempoBpm), -2.0) : 1.0;
        all.push_back({one.tempoBpm, scale.to(one.tempoBpm, one.figure.value), weightOf(one) * known});
    }
    const auto bend = bendOf(all);
    if (!bend) return;
    const double top = over.rungs.back().tempoBpm;
    const double lost = bend->slope * (top - bend->bpm.value);
    double below = 0;
    double count = 0;
    for (const AtTempo& one : all)
        if (one.tempoBpm <= bend->bpm.value) below += one.value, count += 1;
    if (std::abs(lost) < leastOf(over.measure) || !isWorse(over.measure, lost, count > 0 ? below / count : 0)) return;
    over.bend = bend;
    over.lostAtTop = scale.back(lost, over.rungs.back().figure.value);
}

}  // namespace

std::optional<OverTempo> overTempo(SeasonMeasure measure, const Exercise& exercise,
                                   const std::vector<PastFigure>& past) {
    if (past.empty()) return std::nullopt;
    OverTempo over;
    over.measure = measure;
    over.rungs = rungsOf(past);
    if (measure == SeasonMeasure::Swing)
        for (const RungFigure& rung : over.rungs) over.asked.push_back(targetRatio(exercise, rung.tempoBpm));
    findBend(over, {exercise, measure}, past);
    return over;
}

namespace {

/// By how much of itself a measure has got worse at the top.
double lossOf(const OverTempo& over) {
    if (!over.bend) return 0;
    return std::abs(over.lostAtTop) / std::max(1.0, std::abs(over.rungs.front().figure.value));
}

/// Whether the swing leaves its curve on the way up, at once or evenly: the hand that plays the off-beats goes with it.
bool swingGoes(const OverTempo& over) {
    if (over.measure != SeasonMeasure::Swing) return false;
    if (over.bend) return true;
    const double first = std::log(over.rungs.front().figure.value / over.asked.front());
    const double last = std::log(over.rungs.back().figure.value / over.asked.back());
    return std::abs(last - first) >= leastOf(SeasonMeasure::Swing);
}

}  // namespace

std::vector<OverTempo> allOverTempo(const Exercise& exercise, const PastFigures& past) {
    std::vector<OverTempo> all;
    for (int m = 0; m < kSeasonMeasures; ++m)
        if (auto over = overTempo(static_cast<SeasonMeasure>(m), exercise, past.at(static_cast<std::size_t>(m))))
            all.push_back(*std::move(over));
    const auto bends = [&all](SeasonMeasure measure) {
        return std::any_of(all.begin(), all.end(),
                           [measure](const OverTempo& over) { return over.measure == measure && over.bend; });
    };
    const bool swing = std::any_of(all.begin(), all.end(), swingGoes);
    const bool hand = bends(SeasonMeasure::LeftHand);
    for (OverTempo& over : all) {
        if (over.measure == SeasonMeasure::LeftHand && swing) over.bend.reset();
        if (over.measure == SeasonMeasure::Placement && (swing || hand)) over.bend.reset();
    }
    std::stable_sort(all.begin(), all.end(),
                     [](const OverTempo& a, const OverTempo& b) { return lossOf(a) > lossOf(b); });
    return all;
}

}  // namespace upbeat
