#include <algorithm>
#include <cmath>

#include "upbeat/signal/loop_watch.h"

namespace upbeat {

namespace {

constexpr double kSameMs = 0.5;
constexpr double kJumpMs = 2.5;
constexpr double kUncertainMs = 0.25;  // of a click's beginning in a room; docs/accuracy.md

double medianOf(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    const std::size_t n = values.size();
    return n % 2 == 1 ? values[n / 2] : 0.5 * (values[n / 2 - 1] + values[n / 2]);
}

std::vector<double> lagsMs(std::span<const ClickGroup> groups) {
    std::vector<double> lags;
    for (const ClickGroup& g : groups) lags.push_back(g.lagS * 1e3);
    return lags;
}

/// The first group from which on another lag holds: it and all that follow agree with one another and not with those
/// before.
std::size_t jumpIn(const std::vector<ClickGroup>& heard) {
    for (std::size_t k = 1; k < heard.size(); ++k) {
        const double before = medianOf(lagsMs(std::span(heard).first(k)));
        const double after = medianOf(lagsMs(std::span(heard).subspan(k)));
        if (std::abs(after - before) < kJumpMs) continue;
        const auto agrees = [&](std::size_t i) {
            const double lag = heard[i].lagS * 1e3;
            return std::abs(lag - (i < k ? before : after)) < kSameMs;
        };
        bool all = true;
        for (std::size_t i = 0; i < heard.size(); ++i) all = all && agrees(i);
        if (all) return k;
    }
    return 0;
}

}  // namespace

LoopCheck checkLoop(const std::vector<ClickGroup>& groups, std::optional<double> calibratedS) {
    std::vector<ClickGroup> heard;
    for (const ClickGroup& g : groups)
        if (g.heard) heard.push_back(g);
    LoopCheck check;
    if (heard.size() < 2) return check;
    const std::size_t jump = jumpIn(heard);
    const auto lags = lagsMs(jump > 0 ? std::span(heard).first(jump) : std::span(heard));
    const double middle = medianOf(lags);
    const auto agree =
        std::count_if(lags.begin(), lags.end(), [&](double lag) { return std::abs(lag - middle) < kSameMs; });
    if (agree < 2 && jump == 0) return check;
    check.lagS = middle * 1e-3;
    check.uncertainMs = kUncertainMs;
    if (jump > 0) {
        check.state = LoopCheck::State::Jumps;
        check.jumpsAtS = heard[jump - 1].toS;
        return check;
    }
    const bool same = calibratedS && std::abs(check.lagS - *calibratedS) * 1e3 < kSameMs;
    check.state = same ? LoopCheck::State::Agrees : LoopCheck::State::Differs;
    return check;
}

}  // namespace upbeat
