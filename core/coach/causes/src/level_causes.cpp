#include <algorithm>
#include <map>
#include <tuple>

#include "rows.h"
#include "upbeat/measure/balance.h"
#include "upbeat/measure/doubles.h"

namespace upbeat {

namespace {

using VoiceAndClass = std::pair<Voice, Level>;
/// With another voice a stroke is louder by what that adds.
using Alike = std::tuple<Voice, Level, bool>;

/// How many counts of the phrase each voice has at each level.
std::map<VoiceAndClass, int> countsOf(const Exercise& e) {
    std::map<VoiceAndClass, int> counts;
    for (const Stroke& s : e.strokes) ++counts[{s.voice, s.level}];
    return counts;
}

/// Of two strokes that differ the one is as likely too loud as the other too soft; but what goes wrong with accents
/// makes them softer, and with ghosts louder.
double likelier(const Stroke& stroke, int alike) {
    if (alike != 2) return 0;
    return stroke.level == Level::Accent ? -1 : (stroke.level == Level::Ghost ? 1 : 0);
}

void addHands(Candidates& candidates, const Exercise& e) {
    std::map<Level, std::pair<int, int>> leftAndRight;
    for (const Stroke& s : e.strokes) {
        if (s.limb == Limb::LeftHand) ++leftAndRight[s.level].first;
        if (s.limb == Limb::RightHand) ++leftAndRight[s.level].second;
    }
    for (const auto& [level, hands] : leftAndRight)
        if (hands.first >= 2 && hands.second >= 2)
            candidates.addThose(HandInClass{Limb::LeftHand, level}, [level = level](const Stroke& s) {
                return s.limb == Limb::LeftHand && s.level == level;
            });
    candidates.addThose(LimbLies{Limb::LeftHand}, [](const Stroke& s) { return s.limb == Limb::LeftHand; });
}

}  // namespace

Explanation explainLevels(const MatchedTake& take) {
    const Exercise& e = take.exercise;
    const auto rows = rowsOf(take, [&take](const MatchedStroke& s) { return tellsItsLevel(take, s); });
    Observed observed;
    std::map<Alike, int> bases;
    for (const HeardRow& row : rows) {
        const MatchedStroke& s = take.strokes[row.matched.front()];
        observed.values.push_back(s.levelDb);
        observed.cells.push_back(s.written.stroke);
        observed.passes.push_back(row.pass);
        observed.levels.push_back(
            bases.try_emplace({s.stroke.voice, s.stroke.level, s.shared}, static_cast<int>(bases.size()))
                .first->second);
    }
    const auto counts = countsOf(e);
    Candidates candidates(e, rows);
    for (std::size_t i = 0; i < e.strokes.size(); ++i) {
        std::vector<double> alone(e.strokes.size());
        alone[i] = 1;
        const Stroke& s = e.strokes[i];
        candidates.add(StrokeLies{static_cast<int>(i)}, alone, false, likelier(s, counts.at({s.voice, s.level})));
    }
    addHands(candidates, e);
    candidates.add(SecondsLie{}, secondsOfDoubles(e), true);
    candidates.addSections(take.passes);
    return explanationOf(take, rows, candidates, searchCauses(observed, candidates.priced()));
}

MatchedTake withoutCauses(MatchedTake take, const Explanation& offsets, const Explanation& levels) {
    for (std::size_t i = 0; i < take.strokes.size(); ++i) {
        take.strokes[i].offsetMs -= offsets.explained[i];
        take.strokes[i].levelDb -= levels.explained[i];
    }
    return take;
}

}  // namespace upbeat
