#include "upbeat/measure/unisons.h"

#include <cmath>
#include <map>
#include <utility>

namespace upbeat {

namespace {

bool isOnItsOwn(const MatchedTake& take, const MatchedStroke& s) {
    return s.written.role == Role::Main && take.hits[static_cast<std::size_t>(s.hit)].voice.has_value();
}

}  // namespace

std::vector<Unison> measureUnisons(const MatchedTake& take) {
    std::map<std::pair<Voice, Voice>, std::pair<std::vector<double>, std::vector<double>>> pairs;
    const auto& strokes = take.strokes;
    for (std::size_t i = 0; i < strokes.size(); ++i) {
        if (!isOnItsOwn(take, strokes[i])) continue;
        for (std::size_t k = i + 1; k < strokes.size(); ++k) {
            constexpr double kLaterS = 0.2;  // grace notes of other strokes may stand between
            if (strokes[k].written.gridS > strokes[i].written.gridS + kLaterS) break;
            if (!isOnItsOwn(take, strokes[k]) || strokes[k].written.pass != strokes[i].written.pass ||
                strokes[k].stroke.at != strokes[i].stroke.at)
                continue;
            const double behind = strokes[k].offsetMs - strokes[i].offsetMs;
            auto& [signedMs, absoluteMs] = pairs[{strokes[k].stroke.voice, strokes[i].stroke.voice}];
            signedMs.push_back(behind);
            absoluteMs.push_back(std::abs(behind));
        }
    }
    std::vector<Unison> unisons;
    for (const auto& [voices, distances] : pairs) {
        const auto behind = medianFigure(distances.first);
        const auto apart = medianFigure(distances.second);
        if (behind && apart) unisons.push_back({voices.first, voices.second, *behind, *apart});
    }
    return unisons;
}

}  // namespace upbeat
