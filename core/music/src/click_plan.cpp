#include "upbeat/music/click_plan.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>
#include <cmath>

#include "upbeat/music/bars.h"
#include "upbeat/music/page.h"

namespace upbeat {

ClickPlan clickFor(const Exercise& exercise, Bpm tempo) {
    ClickPlan plan{tempo, exercise.meter};
    const auto paces = pacesOf(exercise);
    if (exercise.meterChanges.empty() && paces.empty()) return plan;
    for (const Meter& meter : metersOf(exercise)) plan.phrase.push_back({meter});
    for (std::size_t i = 0; i < paces.size(); ++i) plan.phrase[i].pace = paces[i];
    return plan;
}

Result<void> check(const ClickPlan& plan) {
    const double bpm = plan.tempo.value();
    if (!(bpm >= kSlowestTempo && bpm <= kFastestTempo))
        return fail(Text::with(UPBEAT_TEXT("a tempo of %1 is out of range"), fmt::format("{:g}", bpm)), {},
                    UPBEAT_TEXT("use 30 to 300 beats per minute"));
    const auto isOdd = [](const Meter& meter) { return !isSupported(meter); };
    if (isOdd(plan.meter) ||
        std::any_of(plan.phrase.begin(), plan.phrase.end(), [&](const ClickBar& bar) { return isOdd(bar.meter); }))
        return fail(UPBEAT_TEXT("the meter is not supported"), {}, UPBEAT_TEXT("choose another meter"));
    if (plan.countInBars < 0 || plan.countInBars > 4)
        return fail(Text::with(UPBEAT_TEXT("a count-in of %1 bars is out of range"), plan.countInBars), {},
                    UPBEAT_TEXT("use 0 to 4"));
    if (plan.subdivision < 1 || plan.subdivision > 8)
        return fail(Text::with(UPBEAT_TEXT("%1 clicks per beat is out of range"), plan.subdivision), {},
                    UPBEAT_TEXT("use 1 to 8"));
    if (!(plan.swing >= kSmallestSwing && plan.swing <= kLargestSwing))
        return fail(Text::with(UPBEAT_TEXT("a swing of %1 is out of range"), fmt::format("{:g}", plan.swing)), {},
                    UPBEAT_TEXT("use 0.5 to 4"));
    if (!plan.silent.canBePlayed())
        return fail(UPBEAT_TEXT("the silent bars are out of range"), {},
                    UPBEAT_TEXT("use 1 to 64 bars on and 0 to 64 off"));
    return {};
}

std::string_view spokenName(ClickTone tone) {
    constexpr std::array<std::string_view, kClickTones> kNames{UPBEAT_TEXT("pure tone"), UPBEAT_TEXT("low tone"),
                                                               UPBEAT_TEXT("reed"), UPBEAT_TEXT("chirp")};
    return kNames.at(static_cast<std::size_t>(tone));
}

namespace {

/// A bar of the take, or of the count-in before it.
struct BarOfClicks {
    std::int64_t number = 0;      ///< From 0 at the start of the take.
    std::int64_t firstClick = 0;  ///< From 0 at the start of the take.
    double start = 0;             ///< In beats of the count-in from the start of the take.
    Meter meter;
    BarPace pace{};
};

/// Lengths in beats of the count-in.
double quartersIn(const ClickPlan& plan, double quarters) {
    return quarters / plan.meter.beatLength().toDouble();
}
double lengthOf(const ClickPlan& plan, const ClickBar& bar) {
    return quartersIn(plan, bar.pace.lengthTo(1, bar.meter.barLength().toDouble()) + bar.pace.held);
}

/// The bar of a click that is counted from beat one of bar one.
BarOfClicks barOfClick(const ClickPlan& plan, std::int64_t click) {
    const auto clicksIn = [&plan](const Meter& meter) {
        return static_cast<std::int64_t>(plan.subdivision) * meter.beatsPerBar();
    };
    if (click < 0 || plan.phrase.empty()) {
        const std::int64_t perBar = clicksIn(plan.meter);
        const std::int64_t number = click >= 0 ? click / perBar : -((perBar - 1 - click) / perBar);
        return {number, number * perBar, static_cast<double>(number * plan.meter.beatsPerBar()), plan.meter, {}};
    }
    BarOfClicks bar;
    std::int64_t clicks = 0;
    double beats = 0;
    for (const ClickBar& of : plan.phrase) clicks += clicksIn(of.meter), beats += lengthOf(plan, of);
    const std::int64_t pass = click / clicks;
    bar = {
        pass * static_cast<std::int64_t>(plan.phrase.size()), pass * clicks, static_cast<double>(pass) * beats, {}, {}};
    for (const ClickBar& of : plan.phrase) {
        bar.meter = of.meter;
        bar.pace = of.pace;
        if (click < bar.firstClick + clicksIn(of.meter)) break;
        ++bar.number;
        bar.firstClick += clicksIn(of.meter);
        bar.start += lengthOf(plan, of);
    }
    return bar;
}

/// What of the take sounds.
bool isAudible(const ClickPlan& plan, const BarOfClicks& bar, std::int64_t beat) {
    if (!plan.audibleAfterCountIn) return false;
    if ((plan.beats >> std::min<std::int64_t>(beat, 31) & 1U) == 0) return false;
    return !plan.silent.holds(bar.number);
}

/// Place of a click inside its beat, 0 to 1: even, or long and short in turn.
double partOfBeat(const ClickPlan& plan, std::int64_t part) {
    const double even = static_cast<double>(part) / plan.subdivision;
    if (plan.subdivision % 2 != 0 || part % 2 == 0) return even;
    return (static_cast<double>(part - 1) + 2 * plan.swing / (plan.swing + 1)) / plan.subdivision;
}

}  // namespace

namespace {

constexpr std::array<SilentBars, 4> kLessAndLess{{{1, 0}, {3, 1}, {2, 2}, {1, 3}}};

double silentShare(const SilentBars& bars) {
    return static_cast<double>(bars.off) / (bars.on + bars.off);
}

}  // namespace

std::optional<SilentBars> lessClick(const SilentBars& now) {
    for (const SilentBars& step : kLessAndLess)
        if (silentShare(step) > silentShare(now)) return step;
    return std::nullopt;
}

std::optional<SilentBars> moreClick(const SilentBars& now) {
    for (auto step = kLessAndLess.rbegin(); step != kLessAndLess.rend(); ++step)
        if (silentShare(*step) < silentShare(now)) return *step;
    return std::nullopt;
}

Click clickAt(const ClickPlan& plan, std::int64_t index) {
    const std::int64_t beatsBefore = static_cast<std::int64_t>(plan.countInBars) * plan.meter.beatsPerBar();
    const std::int64_t inTake = index - beatsBefore * plan.subdivision;
    const BarOfClicks bar = barOfClick(plan, inTake);
    const std::int64_t beat = (inTake - bar.firstClick) / plan.subdivision;
    const std::int64_t part = (inTake - bar.firstClick) % plan.subdivision;
    Click click{index, 0, ClickKind::Subdivision, true};
    if (part == 0) click.kind = ClickKind::Beat;
    if (inTake == bar.firstClick && plan.accentOnOne) click.kind = ClickKind::Bar;
    double inBar = static_cast<double>(beat) + partOfBeat(plan, part);
    if (inTake >= 0) {
        click.audible = isAudible(plan, bar, beat);
        if (plan.offBeats) {
            inBar += 0.5;
            if (click.kind == ClickKind::Bar) click.kind = ClickKind::Beat;
        }
    }
    const double passed = inBar / bar.meter.beatsPerBar();
    const double inside = bar.pace.lengthTo(passed, bar.meter.barLength().toDouble());
    const double beats = static_cast<double>(beatsBefore) + bar.start + quartersIn(plan, inside);
    click.timeS = beats * plan.beat().value();
    return click;
}

std::vector<Click> clicksBetween(const ClickPlan& plan, double fromS, double toS) {
    double shortest = 1;
    for (const ClickBar& bar : plan.phrase)
        shortest = std::min(
            shortest, quartersIn(plan, bar.meter.beatLength().toDouble()) * std::min(bar.pace.first, bar.pace.last));
    const double beats = std::max(0.0, std::ceil(fromS / (shortest * plan.beat().value())));
    std::int64_t first = 0;
    // Clicks are in order of time: the first is found by halving.
    for (std::int64_t end = (static_cast<std::int64_t>(beats) + 1) * plan.subdivision; first < end;) {
        const std::int64_t middle = first + (end - first) / 2;
        if (clickAt(plan, middle).timeS < fromS)
            first = middle + 1;
        else
            end = middle;
    }
    std::vector<Click> clicks;
    for (Click click = clickAt(plan, first); click.timeS < toS; click = clickAt(plan, ++first))
        if (click.audible) clicks.push_back(click);
    return clicks;
}

std::vector<double> clicksBesideS(const Exercise& exercise, Bpm tempo, int bars, const SilentBars& silent) {
    ClickPlan plan = clickFor(exercise, tempo);
    plan.silent = silent;
    const double firstS = plan.firstBeat().value();
    const double endS = firstS + barStartS(exercise, tempo, bars) + plan.beat().value();
    std::vector<double> timesS;
    for (const Click& click : clicksBetween(plan, 0, endS)) timesS.push_back(click.timeS - firstS);
    return timesS;
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
