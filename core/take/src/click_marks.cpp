#include "upbeat/take/click_marks.h"

#include <algorithm>

namespace upbeat {

std::vector<ClickMark> clickMarks(ClickPlan plan, double firstBeatS, double endS, double stopsS) {
    constexpr int kLongestCountIn = 4;
    plan.countInBars = kLongestCountIn;
    const double start = firstBeatS - plan.firstBeat().value();
    std::vector<ClickMark> marks;
    for (const Click& click : clicksBetween(plan, 0.0, std::max(0.0, endS - start))) {
        const double time = start + click.timeS;
        constexpr double kHairS = 1e-6;
        if (time > -kHairS)
            marks.push_back(
                {std::max(0.0, time), static_cast<int>(click.kind), time < firstBeatS - kHairS || time > stopsS});
    }
    return marks;
}

}  // namespace upbeat
