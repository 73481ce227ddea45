#include "upbeat/music/click_plan.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
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
    if (!(plan.swing >= kSmallestSwing && plan.swing <= kLargestSwing))
        return fail(fmt::format("a swing of {:g} is out of range", plan.swing), {}, "use 0.5 to 4");
    if (plan.barsOn < 1 || plan.barsOn > 64 || plan.barsOff < 0 || plan.barsOff > 64)
        return fail("the silent bars are out of range", {}, "use 1 to 64 bars on and 0 to 64 off");
    return {};
}

std::string_view spokenName(ClickTone tone) {
    constexpr std::array<std::string_view, kClickTones> kNames{"pure tone", "low tone", "reed", "chirp"};
    return kNames.at(static_cast<std::size_t>(tone));
}

namespace {

/// What of the take sounds. `inTake` counts clicks from beat one of bar one.
bool isAudible(const ClickPlan& plan, std::int64_t inTake, std::int64_t perBar) {
    if (!plan.audibleAfterCountIn) return false;
    const auto beat = static_cast<unsigned>(inTake % perBar / plan.subdivision);
    if ((plan.beats >> std::min(beat, 31U) & 1U) == 0) return false;
    return plan.barsOff == 0 || inTake / perBar % (plan.barsOn + plan.barsOff) < plan.barsOn;
}

/// Place of a click inside its beat, 0 to 1: even, or long and short in turn.
double partOfBeat(const ClickPlan& plan, std::int64_t part) {
    const double even = static_cast<double>(part) / plan.subdivision;
    if (plan.subdivision % 2 != 0 || part % 2 == 0) return even;
    return (static_cast<double>(part - 1) + 2 * plan.swing / (plan.swing + 1)) / plan.subdivision;
}

}  // namespace

Click clickAt(const ClickPlan& plan, std::int64_t index) {
    const std::int64_t perBar = static_cast<std::int64_t>(plan.subdivision) * plan.meter.beatsPerBar();
    const std::int64_t inBar = ((index % perBar) + perBar) % perBar;
    const std::int64_t part = inBar % plan.subdivision;
    Click click{index, 0, ClickKind::Subdivision, true};
    if (part == 0) click.kind = ClickKind::Beat;
    if (inBar == 0 && plan.accentOnOne) click.kind = ClickKind::Bar;
    const std::int64_t wholeBeats = (index - part) / plan.subdivision;
    double beats = static_cast<double>(wholeBeats) + partOfBeat(plan, part);
    if (const std::int64_t inTake = index - plan.countInBars * perBar; inTake >= 0) {
        click.audible = isAudible(plan, inTake, perBar);
        if (plan.offBeats) {
            beats += 0.5;
            if (click.kind == ClickKind::Bar) click.kind = ClickKind::Beat;
        }
    }
    click.timeS = beats * plan.beat().value();
    return click;
}

std::vector<Click> clicksBetween(const ClickPlan& plan, double fromS, double toS) {
    std::vector<Click> clicks;
    const double step = plan.beat().value() / plan.subdivision;
    // Two beats early, then filtered: swing and off-beats move clicks by less than that.
    const auto early = static_cast<std::int64_t>(std::floor(fromS / step)) - 2 * plan.subdivision;
    auto index = std::max<std::int64_t>(0, early);
    for (Click click = clickAt(plan, index); click.timeS < toS; click = clickAt(plan, ++index))
        if (click.timeS >= fromS && click.audible) clicks.push_back(click);
    return clicks;
}

std::optional<double> tempoOfTaps(const std::vector<double>& tapsS) {
    constexpr double kPauseS = 2.1;  // a beat at 30 lasts two seconds
    constexpr std::size_t kFewest = 2;
    constexpr std::size_t kMost = 8;
    std::vector<double> distances;
    for (std::size_t i = tapsS.size(); i-- > 1 && distances.size() < kMost;) {
        const double distance = tapsS[i] - tapsS[i - 1];
        if (!(distance > 0) || distance > kPauseS) break;
        distances.push_back(distance);
    }
    if (distances.size() < kFewest) return std::nullopt;
    std::sort(distances.begin(), distances.end());
    const std::size_t middle = distances.size() / 2;
    const double median =
        distances.size() % 2 == 1 ? distances[middle] : 0.5 * (distances[middle - 1] + distances[middle]);
    return std::clamp(std::round(60.0 / median), kSlowestTempo, kFastestTempo);
}

}  // namespace upbeat
