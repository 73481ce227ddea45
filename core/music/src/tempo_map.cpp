#include "upbeat/music/tempo_map.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <utility>

#include "upbeat/music/bars.h"

namespace upbeat {

namespace {

double paceOf(double percent) {
    return 100 / percent;
}

/// Lets the pace of the bars [from, to] (counted from 0) move evenly from quarter to quarter.
void moveEvenly(std::vector<BarPace>& paces, const std::vector<Meter>& meters, std::size_t from, std::size_t to,
                double target) {
    double length = 0;
    for (std::size_t i = from; i <= to; ++i) length += meters[i].barLength().toDouble();
    const double start = paces[from].first;
    double passed = 0;
    for (std::size_t i = from; i <= to; ++i) {
        paces[i].first = start + (target - start) * passed / length;
        passed += meters[i].barLength().toDouble();
        paces[i].last = start + (target - start) * passed / length;
    }
}

}  // namespace

double BarPace::partAt(double length, double quarters) const {
    const double even = length / quarters;
    const double bend = last - first;
    // first * part + bend / 2 * part^2 = even, in a form that stands bend = 0.
    const double root = std::sqrt(std::max(0.0, first * first + 2 * bend * even));
    return std::min(1.0, 2 * even / (first + root));
}

std::vector<BarPace> pacesOf(const Exercise& e) {
    if (e.tempoChanges.empty() && e.heldBars.empty()) return {};
    const auto meters = metersOf(e);
    std::vector<BarPace> paces(meters.size());
    for (const TempoChange& change : e.tempoChanges) {
        const auto from = static_cast<std::size_t>(std::clamp(change.bar, 1, e.bars) - 1);
        const auto to = static_cast<std::size_t>(std::clamp(change.through, change.bar, e.bars) - 1);
        const double target = paceOf(change.percent);
        const bool isGradual = change.through > 0;
        if (isGradual) moveEvenly(paces, meters, from, to, target);
        std::fill(paces.begin() + static_cast<std::ptrdiff_t>(isGradual ? to + 1 : from), paces.end(),
                  BarPace{target, target});
    }
    for (const HeldBar& held : e.heldBars)
        if (held.bar >= 1 && held.bar <= e.bars)
            paces[static_cast<std::size_t>(held.bar - 1)].held = held.beats * e.meter.beatLength().toDouble();
    return paces;
}

void setPaces(Exercise& e, const std::vector<BarPace>& paces) {
    constexpr double kSame = 1e-9;
    e.tempoChanges.clear();
    e.heldBars.clear();
    double now = 1;
    for (std::size_t i = 0; i < paces.size(); ++i) {
        const BarPace& pace = paces[i];
        const int bar = static_cast<int>(i) + 1;
        if (std::abs(pace.first - now) > kSame) e.tempoChanges.push_back({bar, 100 / pace.first});
        if (std::abs(pace.last - pace.first) > kSame) e.tempoChanges.push_back({bar, 100 / pace.last, bar});
        if (pace.held > 0) e.heldBars.push_back({bar, pace.held / e.meter.beatLength().toDouble()});
        now = pace.last;
    }
}

void setTempoChange(Exercise& e, const TempoChange& change) {
    const int last = std::max(change.bar, change.through);
    auto& changes = e.tempoChanges;
    std::erase_if(changes,
                  [&](const TempoChange& c) { return std::max(c.bar, c.through) >= change.bar && c.bar <= last; });
    changes.insert(
        std::find_if(changes.begin(), changes.end(), [&](const TempoChange& c) { return c.bar > change.bar; }), change);
    double now = 100;
    std::erase_if(changes, [&now](const TempoChange& c) { return c.percent == std::exchange(now, c.percent); });
}

void setTempoFrom(Exercise& e, int bar, double share) {
    const double percent = std::round(1000 * share) / 10;
    setTempoChange(e, {bar, std::clamp(percent, kSlowestShare, kFastestShare)});
}

double shareOfTempo(const Exercise& e, int from, int to) {
    const auto paces = pacesOf(e);
    double written = 0;
    double even = 0;
    for (int bar = std::max(1, from); bar <= std::min(to, static_cast<int>(paces.size())); ++bar) {
        const double quarters = barOf(e, bar).meter.barLength().toDouble();
        written += quarters;
        even += paces[static_cast<std::size_t>(bar - 1)].lengthTo(1, quarters);
    }
    return even > 0 ? written / even : 1;
}

Result<void> checkTempoChanges(const Exercise& e) {
    int free = 1;  // the first bar in which a change may begin
    int sudden = 0;
    for (const TempoChange& change : e.tempoChanges) {
        const bool ends = change.through == 0 || (change.through >= change.bar && change.through <= e.bars);
        const bool isAgain = change.through == 0 && change.bar == sudden;
        if (change.bar < free || change.bar > e.bars || !ends || isAgain)
            return fail(Text::with(UPBEAT_TEXT("the tempo changes at bar %1"), change.bar), {},
                        UPBEAT_TEXT("let changes lie inside the piece, each behind the one before"));
        if (!(change.percent >= kSlowestShare && change.percent <= kFastestShare))
            return fail(Text::with(UPBEAT_TEXT("a tempo of %1 % of the page's is out of range"),
                                   fmt::format("{:g}", change.percent)),
                        fmt::format("bar {}", change.bar), UPBEAT_TEXT("use 25 to 400 %"));
        // A gradual change may begin in the bar that sets where it starts from.
        free = change.through > 0 ? change.through + 1 : change.bar;
        if (change.through == 0) sudden = change.bar;
    }
    int last = 0;
    for (const HeldBar& held : e.heldBars) {
        if (held.bar <= last || held.bar > e.bars || !(held.beats > 0 && held.beats <= kLongestHold))
            return fail(Text::with(UPBEAT_TEXT("bar %1 cannot be held like that"), held.bar), {},
                        UPBEAT_TEXT("hold bars of the piece, each once and in order, by up to 16 beats"));
        last = held.bar;
    }
    return {};
}

TempoMap::TempoMap(const Exercise& exercise) {
    const auto paces = pacesOf(exercise);
    const auto meters = paces.empty() ? std::vector<Meter>{} : metersOf(exercise);
    double written = 0;
    double even = 0;
    m_bars.reserve(paces.size());
    for (std::size_t i = 0; i < paces.size(); ++i) {
        const double quarters = meters[i].barLength().toDouble();
        m_bars.push_back({written, even, quarters, paces[i]});
        written += quarters;
        even += paces[i].lengthTo(1, quarters) + paces[i].held;
    }
}

double TempoMap::evenAt(double written) const {
    if (m_bars.empty()) return written;
    if (written < 0) return written * m_bars.front().pace.first;
    const auto behind = std::upper_bound(m_bars.begin(), m_bars.end(), written,
                                         [](double at, const Span& bar) { return at < bar.written; });
    const Span& bar = *std::prev(behind);
    const double part = (written - bar.written) / bar.quarters;
    if (part < 1) return bar.even + bar.pace.lengthTo(part, bar.quarters);
    return bar.even + bar.pace.lengthTo(1, bar.quarters) + bar.pace.held + (part - 1) * bar.quarters * bar.pace.last;
}

double TempoMap::writtenAt(double even) const {
    if (m_bars.empty()) return even;
    if (even < 0) return even / m_bars.front().pace.first;
    const auto behind =
        std::upper_bound(m_bars.begin(), m_bars.end(), even, [](double at, const Span& bar) { return at < bar.even; });
    const Span& bar = *std::prev(behind);
    const double inside = even - bar.even;
    const double rest = inside - bar.pace.lengthTo(1, bar.quarters) - bar.pace.held;
    if (behind == m_bars.end() && rest > 0) return bar.written + bar.quarters + rest / bar.pace.last;
    return bar.written + bar.quarters * bar.pace.partAt(inside, bar.quarters);
}

}  // namespace upbeat
