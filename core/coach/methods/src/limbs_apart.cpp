
#include <algorithm>
#include <array>

#include "upbeat/music/bars.h"
#include "upbeat/music/transform.h"
#include "ways.h"

namespace upbeat {

namespace {

std::vector<Limb> limbsOf(const Exercise& e) {
    std::vector<Limb> limbs;
    const auto work = workOfLimbs(e);
    for (std::size_t i = 0; i < work.size(); ++i)
        if (work[i] > 0) limbs.push_back(static_cast<Limb>(i));
    return limbs;
}

Text nameOf(Limb limb) {
    return spokenName(limb).data();  // marked in the table of names
}

/// "right hand", "left hand and right foot", "right hand and left hand and right foot".
Text nameOf(const std::vector<Limb>& limbs) {
    Text name = nameOf(limbs.front());
    for (std::size_t i = 1; i < limbs.size(); ++i) name = Text::with(UPBEAT_TEXT("%1 and %2"), name, nameOf(limbs[i]));
    return name;
}

}  // namespace

void limbsApart(Stages& stages, const Exercise& e) {
    const auto limbs = limbsOf(e);
    const auto count = static_cast<unsigned>(limbs.size());
    if (count < 2) return;
    for (int size = 1; size < static_cast<int>(count); ++size)
        for (unsigned set = 1; set < (1U << count); ++set) {
            if (__builtin_popcount(set) != size) continue;
            std::vector<Limb> kept;
            for (unsigned i = 0; i < count; ++i)
                if ((set & (1U << i)) != 0) kept.push_back(limbs[i]);
            stages.add(nameOf(kept), onlyStrokes(e, [&kept](const Stroke& s) {
                           return std::find(kept.begin(), kept.end(), s.limb) != kept.end();
                       }));
        }
    stages.addWhole();
}

}  // namespace upbeat
