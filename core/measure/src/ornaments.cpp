#include "upbeat/measure/ornaments.h"

#include <algorithm>
#include <map>
#include <utility>
#include <vector>

namespace upbeat {

namespace {

struct Group {
    const MatchedStroke* main = nullptr;
    const MatchedStroke* nearestGrace = nullptr;
    const MatchedStroke* nextGrace = nullptr;
    int graces = 0;
};

double onsetMs(const MatchedStroke& s) {
    return s.written.gridS * 1e3 + s.offsetMs;
}

/// Main strokes with their grace notes, by pass and stroke.
std::map<std::pair<int, int>, Group> groupsOf(const MatchedTake& take) {
    std::map<std::pair<int, int>, Group> groups;
    for (const MatchedStroke& s : take.strokes) {
        Group& group = groups[{s.written.pass, s.written.stroke}];
        if (s.written.role == Role::Main) {
            group.main = &s;
        } else {
            ++group.graces;
            if (s.written.grace == 0) group.nearestGrace = &s;
            if (s.written.grace == 1) group.nextGrace = &s;
        }
    }
    return groups;
}

}  // namespace

std::optional<Ornaments> measureOrnaments(const MatchedTake& take) {
    const auto& strokes = take.exercise.strokes;
    const auto perPass =
        std::count_if(strokes.begin(), strokes.end(), [](const Stroke& s) { return graceNotes(s.ornament) > 0; });
    if (perPass == 0) return std::nullopt;
    Ornaments ornaments;
    ornaments.written = static_cast<int>(perPass) * take.passes;
    std::vector<double> spacings;
    std::vector<double> levels;
    std::vector<double> inside;
    for (const auto& [key, group] : groupsOf(take)) {
        if (group.main == nullptr || group.nearestGrace == nullptr) continue;
        if (group.graces == graceNotes(group.main->stroke.ornament)) ++ornaments.played;
        spacings.push_back(onsetMs(*group.main) - onsetMs(*group.nearestGrace));
        if (group.nextGrace != nullptr) inside.push_back(onsetMs(*group.nearestGrace) - onsetMs(*group.nextGrace));
        if (group.nearestGrace->levelKnown && group.main->levelKnown)
            levels.push_back(group.nearestGrace->levelDb - group.main->levelDb);
    }
    ornaments.spacingMs = medianFigure(spacings);
    ornaments.spacingSpreadMs = spreadFigure(spacings);
    ornaments.insideMs = medianFigure(inside);
    ornaments.graceLevelDb = medianFigure(levels);
    return ornaments;
}

}  // namespace upbeat
