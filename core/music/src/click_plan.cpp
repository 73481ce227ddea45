#include "upbeat/music/click_plan.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>

#include "upbeat/music/exercise.h"

namespace upbeat {

Result<void> check(const ClickPlan& plan) {
    const double bpm = plan.tempo.value();
    if (!(bpm >= kSlowestTempo && bpm <= kFastestTempo))
        return fail(fmt::format("a tempo of {:g} is out of range", bpm), {}, "use 30 to 300 beats per minute");
    if (!isSupported(plan.meter))
        return fail(fmt::format("the meter {} is not supported", plan.meter.toString()), {}, "choose another meter");
    if (plan.countInBars < 0 || plan.countInBars > 4)
        return fail(fmt::format("a count-in of {} bars is out of range", plan.countInBars), {}, "use 0 to 4");
    if (plan.subdivision < 1 || plan.subdivision > 8)
        return fail(fmt::format("{} clicks per beat is out of range", plan.subdivision), {}, "use 1 to 8");
    return {};
}

Click clickAt(const ClickPlan& plan, std::int64_t index) {
    const std::int64_t perBar = static_cast<std::int64_t>(plan.subdivision) * plan.meter.beatsPerBar();
    const std::int64_t inBar = ((index % perBar) + perBar) % perBar;
    ClickKind kind = ClickKind::Subdivision;
    if (inBar % plan.subdivision == 0) kind = ClickKind::Beat;
    if (inBar == 0 && plan.accentOnOne) kind = ClickKind::Bar;
    return {index, static_cast<double>(index) * plan.beat().value() / plan.subdivision, kind};
}

std::vector<Click> clicksBetween(const ClickPlan& plan, double fromS, double toS) {
    std::vector<Click> clicks;
    const double step = plan.beat().value() / plan.subdivision;
    // One early, then filtered: the division may land a hair above a click that lies exactly on fromS.
    auto index = std::max<std::int64_t>(0, static_cast<std::int64_t>(std::floor(fromS / step)) - 1);
    for (Click click = clickAt(plan, index); click.timeS < toS; click = clickAt(plan, ++index)) {
        const bool audible = plan.audibleAfterCountIn || click.timeS < plan.firstBeat().value() - 1e-9;
        if (click.timeS >= fromS && audible) clicks.push_back(click);
    }
    return clicks;
}

}  // namespace upbeat
