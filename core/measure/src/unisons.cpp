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
    std::size_t untold = 0;  ///< Of them.

    void add(double behind, bool apart) {
        behindMs.push_back(behind);
        apartMs.push_back(std::abs(behind));
        heardApart += apart ? 1 : 0;
    }

    /// Which of them came first cannot be told.
    void addUnsigned(double away) {
        apartMs.push_back(away);
        ++heardApart;
        ++untold;
    }
};

bool isWrittenWith(const MatchedStroke& a, const MatchedStroke& b) {
    return a.written.role == Role::Main && b.written.role == Role::Main && a.written.pass == b.written.pass &&
           a.stroke.at == b.stroke.at;
}

void compare(const MatchedTake& take, const MatchedStroke& a, const MatchedStroke& b, Distances& distances) {
    if (a.hit == b.hit && a.otherHit != kNone) {
        const auto timeS = [&take](int hit) { return take.hits[static_cast<std::size_t>(hit)].timeS; };
        distances.addUnsigned(std::abs(timeS(a.otherHit) - timeS(a.hit)) * 1e3);
    } else {
        distances.add(b.offsetMs - a.offsetMs, a.hit != b.hit);
    }
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
                compare(take, strokes[i], strokes[k], pairs[{strokes[k].stroke.voice, strokes[i].stroke.voice}]);
    std::vector<Unison> unisons;
    for (const auto& [voices, distances] : pairs) {
        if (distances.heardApart < kFewest) continue;
        const auto apart = medianFigure(distances.apartMs);
        if (!apart) continue;
        unisons.push_back({voices.first, voices.second, *apart});
        if (2 * distances.untold <= distances.heardApart) unisons.back().behindMs = medianFigure(distances.behindMs);
    }
    return unisons;
}

}  // namespace upbeat
