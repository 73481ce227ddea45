#include "upbeat/measure/unisons.h"

#include <cmath>
#include <map>
#include <utility>

namespace upbeat {

namespace {

/// The distances of two voices wherever they were written together.
struct Distances {
    std::vector<double> behindMs;
    std::vector<double> apartMs;
    std::size_t heardApart = 0;

    void add(double behind, bool apart) {
        behindMs.push_back(behind);
        apartMs.push_back(std::abs(behind));
        heardApart += apart ? 1 : 0;
    }
};

bool isWrittenWith(const MatchedStroke& a, const MatchedStroke& b) {
    return a.written.role == Role::Main && b.written.role == Role::Main && a.written.pass == b.written.pass &&
           a.stroke.at == b.stroke.at;
}

}  // namespace

std::vector<Unison> measureUnisons(const MatchedTake& take) {
    constexpr double kLaterS = 0.2;  // grace notes of other strokes may stand between
    constexpr std::size_t kFewest = 3;
    std::map<std::pair<Voice, Voice>, Distances> pairs;
    const auto& strokes = take.strokes;
    for (std::size_t i = 0; i < strokes.size(); ++i)
        for (std::size_t k = i + 1;
             k < strokes.size() && strokes[k].written.gridS <= strokes[i].written.gridS + kLaterS; ++k)
            if (isWrittenWith(strokes[i], strokes[k]))
                pairs[{strokes[k].stroke.voice, strokes[i].stroke.voice}].add(strokes[k].offsetMs - strokes[i].offsetMs,
                                                                              strokes[k].hit != strokes[i].hit);
    std::vector<Unison> unisons;
    for (const auto& [voices, distances] : pairs) {
        if (distances.heardApart < kFewest) continue;
        const auto behind = medianFigure(distances.behindMs);
        const auto apart = medianFigure(distances.apartMs);
        if (behind && apart) unisons.push_back({voices.first, voices.second, *behind, *apart});
    }
    return unisons;
}

}  // namespace upbeat
