#include "upbeat/measure/feel.h"

#include <algorithm>

namespace upbeat {

namespace {

bool isAskedBy(const AskedPlacement& placement, const std::vector<AskedPlacement>& all, Voice voice) {
    if (placement.voice) return placement.voice == voice;
    return std::none_of(all.begin(), all.end(), [voice](const AskedPlacement& p) { return p.voice == voice; });
}

}  // namespace

std::vector<FeelPlayed> measureFeel(const MatchedTake& take, double centreMs) {
    constexpr std::size_t kOneInFive = 5;
    const auto& placements = take.exercise.placements;
    const bool isTied = take.anchor.kind != AnchorKind::None;
    std::vector<FeelPlayed> played;
    for (const AskedPlacement& placement : placements) {
        if (!isTied && !placement.voice) continue;
        std::vector<double> away;
        std::vector<int> passes;
        FeelPlayed feel{placement.voice};
        std::size_t apart = 0;
        for (const MatchedStroke& s : take.strokes) {
            if (s.written.role != Role::Main || !isAskedBy(placement, placements, s.stroke.voice)) continue;
            feel.askedMs = s.written.askedS * 1e3;
            apart += s.askedApart ? 1 : 0;
            if (s.askedApart) continue;
            away.push_back(isTied ? s.offsetMs : s.offsetMs - centreMs);
            passes.push_back(s.written.pass);
        }
        const auto figure = medianFigure(away, passes);
        if (!figure || apart * kOneInFive > away.size() + apart) continue;
        feel.awayMs = *figure;
        played.push_back(feel);
    }
    return played;
}

}  // namespace upbeat
