#include "upbeat/measure/balance.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "upbeat/music/dynamics.h"

namespace upbeat {

namespace {

constexpr int kLevels = 3;

std::size_t index(Level level) {
    return static_cast<std::size_t>(level);
}

using ByClass = std::array<std::vector<double>, kLevels>;

/// The voice on which most levels are written, then the most played: the one whose balance is the exercise's point.
std::optional<Voice> voiceToJudge(const MatchedTake& take) {
    std::map<Voice, std::array<int, kLevels>> counts;
    for (const MatchedStroke& s : take.strokes)
        if (tellsItsLevel(take, s)) ++counts[s.stroke.voice][index(s.stroke.level)];
    std::optional<Voice> best;
    std::pair<int, int> bestRank{0, 0};
    for (const auto& [voice, byLevel] : counts) {
        const auto levels = std::count_if(byLevel.begin(), byLevel.end(), [](int n) { return n >= 3; });
        const std::pair<int, int> rank{static_cast<int>(levels), byLevel[0] + byLevel[1] + byLevel[2]};
        if (rank > bestRank) best = voice, bestRank = rank;
    }
    return best;
}

/// Where no pair is reversed: the largest overlap of two normal classes that these would still be likely to come from.
double farthest(const std::vector<double>& soft, const std::vector<double>& loud) {
    const double scatter = std::hypot(standardDeviation(soft), standardDeviation(loud));
    if (scatter <= 0) return 0;
    const double z = (mean(loud) - mean(soft)) / scatter;
    const auto m = static_cast<double>(soft.size());
    const auto n = static_cast<double>(loud.size());
    const double error = std::sqrt(1 / m + 1 / n + z * z / (2 * (m + n)));
    return 0.5 * std::erfc((z - 1.96 * error) / std::sqrt(2.0));
}

/// Share of pairs in which the softer class is the louder one, ties counted half (Mann & Whitney 1947).
std::optional<Figure> overlap(const std::vector<double>& soft, const std::vector<double>& loud) {
    if (soft.size() < 4 || loud.size() < 4) return std::nullopt;
    // Every stroke's own share of lost pairs: their scatter is the error of the whole (DeLong et al. 1988).
    std::vector<double> ofSoft(soft.size(), 0.0);
    std::vector<double> ofLoud(loud.size(), 0.0);
    for (std::size_t i = 0; i < soft.size(); ++i)
        for (std::size_t j = 0; j < loud.size(); ++j) {
            const double win = soft[i] > loud[j] ? 1.0 : (soft[i] == loud[j] ? 0.5 : 0.0);
            ofSoft[i] += win / static_cast<double>(loud.size());
            ofLoud[j] += win / static_cast<double>(soft.size());
        }
    const double a = mean(ofSoft);
    const auto part = [](const std::vector<double>& shares) {
        const double deviation = standardDeviation(shares);
        return deviation * deviation / static_cast<double>(shares.size());
    };
    const double variance = part(ofSoft) + part(ofLoud);
    const auto n = static_cast<int>(std::min(soft.size(), loud.size()));
    if (a <= 0 || a >= 1 || variance <= 0)
        return Figure{100 * a, 100 * std::min(a, farthest(soft, loud)), 100 * std::max(a, farthest(soft, loud)), n};
    // The interval is made on the logit, where it cannot leave 0 to 1.
    const double logit = std::log(a / (1 - a));
    const double half = studentT975(n - 1.0) * std::sqrt(variance) / (a * (1 - a));
    const auto share = [](double x) { return 100 / (1 + std::exp(-x)); };
    return Figure{100 * a, share(logit - half), share(logit + half), n};
}

std::optional<Figure> worse(const std::optional<Figure>& a, const std::optional<Figure>& b) {
    if (!a) return b;
    if (!b) return a;
    return a->value >= b->value ? a : b;
}

std::optional<Figure> gap(const std::optional<Figure>& loud, const std::optional<Figure>& soft) {
    if (!loud || !soft) return std::nullopt;
    return difference(*loud, *soft);
}

/// Class medians per voice, for setting a stroke against its own kind.
std::map<std::pair<Voice, Level>, double> mediansByVoice(const MatchedTake& take) {
    std::map<std::pair<Voice, Level>, std::vector<double>> groups;
    for (const MatchedStroke& s : take.strokes)
        if (tellsItsLevel(take, s)) groups[{s.stroke.voice, s.stroke.level}].push_back(s.levelDb);
    std::map<std::pair<Voice, Level>, double> medians;
    for (const auto& [key, levels] : groups) medians[key] = median(levels);
    return medians;
}

/// Whether a level lies beyond the midpoint to a neighbouring class of the same voice.
bool crossesOver(const std::map<std::pair<Voice, Level>, double>& medians, const Stroke& stroke, double levelDb) {
    const double own = medians.at({stroke.voice, stroke.level});
    for (int level = 0; level < kLevels; ++level) {
        const auto other = medians.find({stroke.voice, static_cast<Level>(level)});
        if (level == static_cast<int>(stroke.level) || other == medians.end()) continue;
        const double midpoint = 0.5 * (own + other->second);
        const bool above = level > static_cast<int>(stroke.level);
        if (above ? levelDb > midpoint : levelDb < midpoint) return true;
    }
    return false;
}

std::vector<LevelHabit> habitsOf(const MatchedTake& take) {
    const auto medians = mediansByVoice(take);
    std::map<int, std::pair<std::vector<double>, int>> groups;
    for (const MatchedStroke& s : take.strokes) {
        if (!tellsItsLevel(take, s)) continue;
        auto& [levels, crossed] = groups[s.written.stroke];
        levels.push_back(s.levelDb - medians.at({s.stroke.voice, s.stroke.level}));
        crossed += crossesOver(medians, s.stroke, s.levelDb) ? 1 : 0;
    }
    std::vector<LevelHabit> habits;
    for (const auto& [stroke, group] : groups)
        if (const auto figure = medianFigure(group.first))
            habits.push_back({stroke, *figure, group.second, static_cast<int>(group.first.size())});
    return habits;
}

}  // namespace

bool tellsItsLevel(const MatchedTake& take, const MatchedStroke& stroke) {
    return stroke.written.role == Role::Main && (!stroke.shared || stroke.carries) && stroke.levelKnown &&
           !swellAt(take.exercise, stroke.stroke.at);
}

Balance measureBalance(const MatchedTake& take) {
    Balance balance;
    balance.habits = habitsOf(take);
    const auto voice = voiceToJudge(take);
    if (!voice) return balance;
    ByClass levels;
    std::array<std::vector<int>, kLevels> passes;
    std::array<ByClass, 2> byHand;  // right, left
    for (const MatchedStroke& s : take.strokes) {
        if (!tellsItsLevel(take, s) || s.stroke.voice != *voice) continue;
        levels[index(s.stroke.level)].push_back(s.levelDb);
        passes[index(s.stroke.level)].push_back(s.written.pass);
        if (isHand(s.stroke.limb))
            byHand[s.stroke.limb == Limb::LeftHand ? 1 : 0][index(s.stroke.level)].push_back(s.levelDb);
    }
    for (std::size_t c = 0; c < kLevels; ++c) {
        balance.medianDb[c] = medianFigure(levels[c], passes[c]);
        balance.evennessDb[c] = spreadFigure(levels[c]);
        balance.handsDb[c] = gap(medianFigure(byHand[0][c]), medianFigure(byHand[1][c]));
    }
    balance.accentTapGapDb = gap(balance.medianDb[2], balance.medianDb[1]);
    balance.tapGhostGapDb = gap(balance.medianDb[1], balance.medianDb[0]);
    balance.accentGhostGapDb = gap(balance.medianDb[2], balance.medianDb[0]);
    balance.overlapPercent = worse(overlap(levels[1], levels[2]), overlap(levels[0], levels[1]));
    if (levels[1].empty()) balance.overlapPercent = overlap(levels[0], levels[2]);
    return balance;
}

Level soundedLevel(const Balance& balance, double levelDb, Level written) {
    Level best = written;
    double nearest = 1e9;
    for (std::size_t c = 0; c < kLevels; ++c) {
        if (!balance.medianDb[c]) continue;
        const double away = std::abs(levelDb - balance.medianDb[c]->value);
        if (away < nearest) nearest = away, best = static_cast<Level>(c);
    }
    return best;
}

}  // namespace upbeat
