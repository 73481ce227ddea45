#include "upbeat/measure/groups.h"

#include <algorithm>
#include <functional>

namespace upbeat {

namespace {

using Belongs = std::function<bool(const Stroke&)>;

struct Members {
    std::vector<double> offsets;
    std::vector<int> passes;

    [[nodiscard]] std::optional<Figure> figure() const {
        constexpr std::size_t kFewest = 6;
        if (offsets.size() < kFewest) return std::nullopt;
        return medianFigure(offsets, passes);
    }
};

Members collect(const MatchedTake& take, const Belongs& belongs) {
    Members members;
    for (const MatchedStroke& s : take.strokes) {
        if (s.written.role != Role::Main || s.shared || !belongs(s.stroke)) continue;
        members.offsets.push_back(s.offsetMs);
        members.passes.push_back(s.written.pass);
    }
    return members;
}

void compare(std::vector<Apart>& list, const MatchedTake& take, Apart entry, const Belongs& one, const Belongs& other) {
    const auto a = collect(take, one).figure();
    const auto b = collect(take, other).figure();
    if (!a || !b) return;
    entry.ms = difference(*a, *b);
    list.push_back(std::move(entry));
}

}  // namespace

std::vector<Apart> measureApart(const MatchedTake& take) {
    std::vector<Apart> list;
    compare(
        list, take, {"left hand", "right hand", {}, Limb::LeftHand, {}},
        [](const Stroke& s) { return s.limb == Limb::LeftHand; },
        [](const Stroke& s) { return s.limb == Limb::RightHand; });
    std::vector<Voice> voices;
    for (const Stroke& s : take.exercise.strokes)
        if (std::find(voices.begin(), voices.end(), s.voice) == voices.end()) voices.push_back(s.voice);
    if (voices.size() < 2) return list;
    for (const Voice voice : voices)
        compare(
            list, take, {std::string(spokenName(voice)), "other voices", {}, std::nullopt, voice},
            [voice](const Stroke& s) { return s.voice == voice; },
            [voice](const Stroke& s) { return s.voice != voice; });
    return list;
}

}  // namespace upbeat
