#include "upbeat/measure/doubles.h"

#include <algorithm>
#include <vector>

namespace upbeat {

namespace {

bool isAlike(const Stroke& a, const Stroke& b) {
    return a.limb == b.limb && isHand(a.limb) && a.level == b.level && a.voice == b.voice;
}

bool isPair(const MatchedStroke& a, const MatchedStroke& b) {
    constexpr double kHairS = 1e-4;
    return isAlike(a.stroke, b.stroke) && b.written.gridS - a.written.gridS < a.written.stepS + kHairS;
}

/// The main strokes in order; null where one was missed, so that neighbours on the page stay neighbours.
std::vector<const MatchedStroke*> inOrder(const MatchedTake& take) {
    const std::size_t perPass = take.exercise.strokes.size();
    std::vector<const MatchedStroke*> list(perPass * static_cast<std::size_t>(take.passes), nullptr);
    for (const MatchedStroke& s : take.strokes)
        if (s.written.role == Role::Main)
            list[static_cast<std::size_t>(s.written.pass - 1) * perPass + static_cast<std::size_t>(s.written.stroke)] =
                &s;
    return list;
}

}  // namespace

std::vector<double> secondsOfDoubles(const Exercise& exercise) {
    const Beats step = shortestStep(exercise);
    std::vector<double> of(exercise.strokes.size());
    for (std::size_t i = 1; i < of.size(); ++i) {
        const Stroke& a = exercise.strokes[i - 1];
        const Stroke& b = exercise.strokes[i];
        const bool pair = isAlike(a, b) && a.at != b.at && !(step < b.at - a.at);
        of[i] = pair && of[i - 1] == 0 ? 1 : 0;
    }
    return of;
}

std::optional<Doubles> measureDoubles(const MatchedTake& take) {
    const auto strokes = inOrder(take);
    Doubles doubles;
    std::vector<double> levels;
    std::vector<double> inside;
    std::vector<double> between;
    const auto gap = [](const MatchedStroke& a, const MatchedStroke& b) { return b.offsetMs - a.offsetMs; };
    for (std::size_t i = 0; i + 1 < strokes.size(); ++i) {
        const MatchedStroke* first = strokes[i];
        const MatchedStroke* second = strokes[i + 1];
        if (first == nullptr || second == nullptr || !isPair(*first, *second)) continue;
        ++doubles.pairs;
        inside.push_back(gap(*first, *second));
        if (first->levelKnown && second->levelKnown && !first->shared && !second->shared)
            levels.push_back(second->levelDb - first->levelDb);
        if (i + 2 < strokes.size() && strokes[i + 2] != nullptr) between.push_back(gap(*second, *strokes[i + 2]));
        ++i;  // the second stroke of a pair is not the first of another
    }
    if (doubles.pairs == 0) return std::nullopt;
    doubles.secondDb = medianFigure(levels);
    doubles.insideMs = medianFigure(inside);
    doubles.betweenMs = medianFigure(between);
    return doubles;
}

}  // namespace upbeat
