#include "score.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <tuple>

#include "upbeat/measure/statistics.h"

namespace upbeat::bench {

namespace {

constexpr double kReachS = 0.025;
constexpr double kTogetherS = 0.008;
constexpr double kAudibleDb = 3.0;

struct Pairs {
    std::vector<int> hitOf;
    std::vector<int> labelOf;
};

Pairs pairUp(const std::vector<Hit>& hits, const std::vector<Label>& labels) {
    std::vector<std::tuple<double, int, int>> near;
    for (std::size_t i = 0; i < hits.size(); ++i)
        for (std::size_t j = 0; j < labels.size(); ++j) {
            const double away = std::abs(hits[i].timeS - labels[j].timeS);
            if (labels[j].role != "bounce" && away <= kReachS)
                near.emplace_back(away, static_cast<int>(i), static_cast<int>(j));
        }
    std::sort(near.begin(), near.end());
    Pairs pairs{std::vector<int>(labels.size(), -1), std::vector<int>(hits.size(), -1)};
    for (const auto& [away, i, j] : near) {
        auto& hit = pairs.hitOf[static_cast<std::size_t>(j)];
        auto& label = pairs.labelOf[static_cast<std::size_t>(i)];
        if (hit >= 0 || label >= 0) continue;
        hit = i;
        label = j;
    }
    return pairs;
}

bool hasCompany(const std::vector<Label>& labels, std::size_t j, const std::vector<int>* paired) {
    for (std::size_t q = 0; q < labels.size(); ++q) {
        if (q == j || labels[q].role == "bounce" || std::abs(labels[q].timeS - labels[j].timeS) > kTogetherS) continue;
        if (paired == nullptr || (*paired)[q] >= 0) return true;
    }
    return false;
}

bool amongBounces(const std::vector<Label>& labels, double timeS) {
    return std::any_of(labels.begin(), labels.end(), [timeS](const Label& label) {
        return label.role == "bounce" && std::abs(label.timeS - timeS) < 0.030;
    });
}

void scoreLabel(Score& score, const LabelledTake& take, const Pairs& pairs, std::size_t j) {
    const Label& label = take.labels[j];
    if (label.role == "bounce" || label.contrastDb < kAudibleDb) return;
    const bool ghost = label.stroke == "ghost" && label.role == "main";
    score.ghosts += ghost ? 1 : 0;
    const int hit = pairs.hitOf[j];
    if (hit < 0) {
        const bool inCompany = hasCompany(take.labels, j, &pairs.hitOf);
        if (inCompany)
            score.ghostsFound += ghost ? 1 : 0;
        else
            ++score.lost;
        return;
    }
    ++score.found;
    score.ghostsFound += ghost ? 1 : 0;
    if (hasCompany(take.labels, j, nullptr)) return;
    const Hit& h = take.analysis.matched.hits[static_cast<std::size_t>(hit)];
    score.onsetMs[label.voice].push_back((h.timeS - label.timeS) * 1e3);
    if (!h.clipped) score.levelDb.push_back(h.levelDb - label.levelDb);
}

void scoreGraces(Score& score, const LabelledTake& take, const Pairs& pairs) {
    const auto& labels = take.labels;
    const auto& hits = take.analysis.matched.hits;
    for (std::size_t j = 0; j + 1 < labels.size(); ++j) {
        if (labels[j].role != "grace" || labels[j].contrastDb < kAudibleDb) continue;
        ++score.gracePairs;
        if (pairs.hitOf[j] < 0 || pairs.hitOf[j + 1] < 0) continue;
        ++score.gracePairsFound;
        const double measured = hits[static_cast<std::size_t>(pairs.hitOf[j + 1])].timeS -
                                hits[static_cast<std::size_t>(pairs.hitOf[j])].timeS;
        score.graceSpacingMs.push_back((measured - (labels[j + 1].timeS - labels[j].timeS)) * 1e3);
    }
}

void scorePartners(Score& score, const LabelledTake& take, const Pairs& pairs) {
    for (const MatchedStroke& s : take.analysis.matched.strokes) {
        const int label = pairs.labelOf[static_cast<std::size_t>(s.hit)];
        if (s.written.role != Role::Main || label < 0) continue;
        const Label& truth = take.labels[static_cast<std::size_t>(label)];
        if (truth.role != "main" || truth.gridS <= 0 || s.shared) continue;
        ++score.partners;
        const double grid = take.analysis.matched.firstBeatS + s.written.gridS;
        if (std::abs(grid - truth.gridS) > 0.002) ++score.wrongPartners;
    }
}

/// The ratio that was played, by the definition of the measure: exp of the mean log over beats with all three onsets.
std::optional<double> playedSwing(const LabelledTake& take) {
    const MatchedTake& m = take.analysis.matched;
    const double beatS = 60.0 / m.tempoBpm;
    std::map<int, double> onBeat;
    std::map<int, double> offBeat;
    for (const Label& label : take.labels) {
        if (label.role != "main" || label.gridS <= 0) continue;
        const double beats = (label.gridS - m.firstBeatS) / beatS;
        const int beat = static_cast<int>(std::floor(beats + 0.02));
        (beats - beat < 0.1 ? onBeat : offBeat).emplace(beat, label.timeS);
    }
    std::vector<double> logs;
    for (const auto& [beat, timeS] : offBeat)
        if (onBeat.contains(beat) && onBeat.contains(beat + 1))
            logs.push_back(std::log((timeS - onBeat[beat]) / (onBeat[beat + 1] - timeS)));
    return logs.empty() ? std::nullopt : std::optional(std::exp(mean(logs)));
}

}  // namespace

Score& Score::operator+=(const Score& o) {
    found += o.found, extra += o.extra, lost += o.lost;
    ghostsFound += o.ghostsFound, ghosts += o.ghosts;
    gracePairsFound += o.gracePairsFound, gracePairs += o.gracePairs;
    wrongPartners += o.wrongPartners, partners += o.partners;
    for (const auto& [voice, errors] : o.onsetMs)
        onsetMs[voice].insert(onsetMs[voice].end(), errors.begin(), errors.end());
    levelDb.insert(levelDb.end(), o.levelDb.begin(), o.levelDb.end());
    graceSpacingMs.insert(graceSpacingMs.end(), o.graceSpacingMs.begin(), o.graceSpacingMs.end());
    swingErrors.insert(swingErrors.end(), o.swingErrors.begin(), o.swingErrors.end());
    return *this;
}

double Score::f() const {
    const int all = 2 * found + extra + lost;
    return all > 0 ? 2.0 * found / all : 1.0;
}

double Score::onsetDeviationMs() const {
    std::vector<double> about;
    for (const auto& [voice, errors] : onsetMs) {
        const double centre = median(errors);
        for (const double e : errors) about.push_back(e - centre);
    }
    return robustDeviation(about);
}

std::pair<double, double> Score::voiceMediansMs() const {
    std::pair<double, double> range{0, 0};
    bool first = true;
    for (const auto& [voice, errors] : onsetMs) {
        if (errors.size() < 20) continue;
        const double m = median(errors);
        range = first ? std::pair{m, m} : std::pair{std::min(range.first, m), std::max(range.second, m)};
        first = false;
    }
    return range;
}

Score scoreTake(const LabelledTake& take) {
    Score score;
    const auto& hits = take.analysis.matched.hits;
    const Pairs pairs = pairUp(hits, take.labels);
    for (std::size_t j = 0; j < take.labels.size(); ++j) scoreLabel(score, take, pairs, j);
    for (std::size_t i = 0; i < hits.size(); ++i)
        if (pairs.labelOf[i] < 0 && !amongBounces(take.labels, hits[i].timeS)) ++score.extra;
    scoreGraces(score, take, pairs);
    scorePartners(score, take, pairs);
    if (const auto& swing = take.analysis.measures.swing; swing && swing->ratio)
        if (const auto played = playedSwing(take)) score.swingErrors.push_back(swing->ratio->value - *played);
    return score;
}

}  // namespace upbeat::bench
