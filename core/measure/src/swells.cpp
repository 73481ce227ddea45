#include "upbeat/measure/swells.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "upbeat/music/dynamics.h"

namespace upbeat {

namespace {

struct Points {
    std::vector<double> x;
    std::vector<double> y;
};

/// Value of the straight line at one end, with the error a line has there: about twice that of its mean.
Figure endOf(const Points& p, const Figure& slope, double at) {
    const double mx = mean(p.x);
    const double value = mean(p.y) + slope.value * (at - mx);
    double rest = 0;
    for (std::size_t i = 0; i < p.x.size(); ++i) {
        const double away = p.y[i] - mean(p.y) - slope.value * (p.x[i] - mx);
        rest += away * away;
    }
    const double n = static_cast<double>(p.x.size());
    const double half = std::hypot(studentT975(n - 2) * std::sqrt(rest / (n - 2) / n), slope.halfWidth() * (at - mx));
    return {value, value - half, value + half, static_cast<int>(n)};
}

std::map<Beats, double> meansByPlace(const std::map<Beats, std::vector<double>>& levels) {
    std::map<Beats, double> means;
    for (const auto& [at, values] : levels) means[at] = mean(values);
    return means;
}

double fitOf(const std::map<Beats, double>& means) {
    Points p;
    for (const auto& [at, level] : means) p.x.push_back(at.toDouble()), p.y.push_back(level);
    const double sx = standardDeviation(p.x);
    const double sy = standardDeviation(p.y);
    if (sx <= 0 || sy <= 0) return 0;
    double product = 0;
    for (std::size_t i = 0; i < p.x.size(); ++i) product += (p.x[i] - mean(p.x)) * (p.y[i] - mean(p.y));
    const double r = product / (static_cast<double>(p.x.size() - 1) * sx * sy);
    return r * r;
}

double stepBack(const std::map<Beats, double>& means, bool rises) {
    double worst = 0;
    for (auto it = means.begin(), next = std::next(it); next != means.end(); ++it, ++next)
        worst = std::max(worst, rises ? it->second - next->second : next->second - it->second);
    return worst;
}

/// What 0 dB is: the median accent; full scale where none is written.
double referenceDb(const MatchedTake& take) {
    std::vector<double> accents;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role == Role::Main && s.levelKnown && s.stroke.level == Level::Accent)
            accents.push_back(s.levelDb);
    }
    return accents.empty() ? 0 : median(accents);
}

bool hasLevel(const MatchedStroke& s) {
    return s.written.role == Role::Main && s.levelKnown && (!s.shared || s.carries);
}

}  // namespace

std::vector<SwellPlayed> measureSwells(const MatchedTake& take) {
    const auto& swells = take.exercise.swells;
    const double reference = swells.empty() ? 0 : referenceDb(take);
    std::vector<SwellPlayed> list;
    for (std::size_t i = 0; i < swells.size(); ++i) {
        const Swell& swell = swells[i];
        if (swell.isLevel()) continue;
        Points points;
        std::map<Beats, std::vector<double>> byPlace;
        for (const MatchedStroke& s : take.strokes) {
            if (!hasLevel(s) || swellAt(take.exercise, s.stroke.at) != i) continue;
            points.x.push_back((s.stroke.at - swell.from).toDouble());
            points.y.push_back(s.levelDb - reference);
            byPlace[s.stroke.at].push_back(s.levelDb - reference);
        }
        const auto slope = slopeFigure(points.x, points.y);
        if (!slope || byPlace.size() < 3) continue;
        const auto means = meansByPlace(byPlace);
        SwellPlayed played;
        played.swell = static_cast<int>(i);
        played.dbPerBeat = *slope;
        played.startDb = endOf(points, *slope, 0);
        played.endDb = endOf(points, *slope, (swell.to - swell.from).toDouble());
        played.writtenDbPerBeat = (swell.toDb - swell.fromDb) / (swell.to - swell.from).toDouble();
        played.largestStepBackDb = stepBack(means, swell.toDb > swell.fromDb);
        played.fit = fitOf(means);
        list.push_back(played);
    }
    return list;
}

std::vector<DynamicPlayed> measureDynamics(const MatchedTake& take) {
    const auto& swells = take.exercise.swells;
    std::vector<std::vector<double>> levels(swells.size());
    std::vector<double> accents;
    std::vector<double> above;  // what is written
    for (const MatchedStroke& s : take.strokes) {
        if (!hasLevel(s)) continue;
        const auto index = swellAt(take.exercise, s.stroke.at);
        if (index && swells[*index].isLevel()) {
            levels[*index].push_back(s.levelDb);
            above.push_back(s.levelDb - swells[*index].fromDb);
        } else if (!index && s.stroke.level == Level::Accent) {
            accents.push_back(s.levelDb);
        }
    }
    std::vector<DynamicPlayed> list;
    const auto played = std::count_if(levels.begin(), levels.end(), [](const auto& l) { return !l.empty(); });
    if (played == 0 || (accents.empty() && played < 2)) return list;
    const double reference = accents.empty() ? mean(above) : median(accents);
    for (std::size_t i = 0; i < swells.size(); ++i)
        if (const auto level = meanFigure(levels[i]))
            list.push_back({static_cast<int>(i), against(*level, reference), swells[i].fromDb});
    return list;
}

std::vector<AccentRun> measureAccentRuns(const MatchedTake& take) {
    const auto& strokes = take.exercise.strokes;
    std::vector<AccentRun> runs;
    for (const Limb hand : {Limb::RightHand, Limb::LeftHand}) {
        std::vector<int> row;
        const auto close = [&] {
            constexpr std::size_t kShortest = 3;
            if (row.size() >= kShortest) {
                std::vector<double> x;
                std::vector<double> y;
                for (const MatchedStroke& s : take.strokes) {
                    const auto place = std::find(row.begin(), row.end(), s.written.stroke);
                    if (!hasLevel(s) || place == row.end()) continue;
                    x.push_back(static_cast<double>(place - row.begin()));
                    y.push_back(s.levelDb);
                }
                if (const auto slope = slopeFigure(x, y))
                    runs.push_back({row.front(), static_cast<int>(row.size()), *slope});
            }
            row.clear();
        };
        for (std::size_t i = 0; i < strokes.size(); ++i) {
            if (strokes[i].limb != hand) continue;
            if (strokes[i].level == Level::Accent)
                row.push_back(static_cast<int>(i));
            else
                close();
        }
        close();
    }
    return runs;
}

}  // namespace upbeat
