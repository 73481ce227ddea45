#include <algorithm>
#include <cmath>

#include "upbeat/signal/loop_watch.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

namespace {

constexpr double kLoudestIsClear = 3;  // a whole click that is worth asking
constexpr double kSure = 4;            // the same where nothing else says so
constexpr double kGone = 0.7;          // share of the whole click at its old place: less, and it has gone
constexpr double kHardly = 0.85;       // less, and it has gone if its loudest place is another one
constexpr double kSharpMs = 2.5;
constexpr double kSameMs = 0.5;
constexpr double kNearMs = 3;  // of whole clicks, which are blunt
constexpr double kUncertainMs = 0.25;

/// Where a group lies against the reference, ms: by its first arrival where that is clear, else by the whole click.
double movedMs(const ClickGroup& g, const ClickGroup& reference) {
    const bool sharp = isClear(g);
    return 1e3 * (sharp ? g.first.s - reference.first.s : g.loudest.s - reference.loudest.s);
}

bool stays(const ClickGroup& g, const ClickGroup& reference) {
    const double moved = std::abs(movedMs(g, reference));
    if (isClear(g)) return moved < kSharpMs;
    return g.where >= kGone && (g.where >= kHardly || moved < kNearMs);
}

/// The group that all others are held against: the count-in, where nobody plays, else the first that is clear.
const ClickGroup* referenceIn(const std::vector<ClickGroup>& groups) {
    const auto found = std::find_if(groups.begin(), groups.end(), isClear);
    return found == groups.end() ? nullptr : &*found;
}

/// Those that follow it and can be asked; where nobody plays any more, a click is clear or it is not there.
std::vector<ClickGroup> after(const std::vector<ClickGroup>& groups, const ClickGroup& reference) {
    std::vector<ClickGroup> later;
    for (const ClickGroup& g : groups)
        if (g.fromS > reference.fromS && (g.quiet ? isClear(g) : g.loudest.clearness >= kLoudestIsClear))
            later.push_back(g);
    return later;
}

/// How many of them, from the end back, lie elsewhere and all at one place.
std::size_t movedAtTheEnd(const std::vector<ClickGroup>& later, const ClickGroup& reference) {
    std::size_t moved = 0;
    for (auto g = later.rbegin(); g != later.rend(); ++g, ++moved) {
        const double apart = std::abs(movedMs(*g, reference) - movedMs(later.back(), reference));
        if (stays(*g, reference) || apart >= kNearMs) break;
    }
    return moved;
}

/// Two groups say so, or one that is no remnant, or a remnant that says it in both ways.
bool isSureOf(const std::vector<ClickGroup>& later, const ClickGroup& reference, std::size_t moved) {
    constexpr int kNoRemnant = 8;
    if (moved != 1) return moved >= 2;
    const ClickGroup& last = later.back();
    if (last.clicks >= kNoRemnant) return last.loudest.clearness >= kSure;
    const double apart = (last.loudest.s - reference.loudest.s) * 1e3 - movedMs(last, reference);
    return isClear(last) && std::abs(apart) < kNearMs;
}

/// How far two devices have drifted apart until the clicks after the last bar; the middle of the take is meant then,
/// and its ends are half of it away.
double driftMs(const std::vector<ClickGroup>& later, const ClickGroup& reference) {
    if (later.empty() || !later.back().quiet) return 0;
    const double drift = 1e3 * (later.back().first.s - reference.first.s);
    return std::abs(drift) >= kSameMs ? drift : 0;
}

}  // namespace

LoopCheck checkLoop(const std::vector<ClickGroup>& groups, std::optional<double> calibratedS) {
    LoopCheck check;
    const ClickGroup* reference = referenceIn(groups);
    if (reference == nullptr) return check;
    const auto later = after(groups, *reference);
    const std::size_t moved = movedAtTheEnd(later, *reference);
    const bool jumps = isSureOf(later, *reference, moved);
    const auto agrees = [reference](const ClickGroup& g) { return stays(g, *reference); };
    if (!jumps && std::none_of(later.begin(), later.end(), agrees)) return check;
    std::vector<double> lags{reference->first.s};
    for (const ClickGroup& g : later)
        if (std::abs(g.first.s - reference->first.s) * 1e3 < kSameMs) lags.push_back(g.first.s);
    check.lagS = median(lags);
    check.uncertainMs = kUncertainMs;
    const double halfMs = 0.5 * driftMs(later, *reference);
    if (!jumps && std::abs(halfMs) > 0) {
        check.lagS = reference->first.s + halfMs * 1e-3;
        check.uncertainMs += std::abs(halfMs);
    }
    if (jumps) {
        check.state = LoopCheck::State::Jumps;
        const std::size_t before = later.size() - moved;
        // A group in which more than half of the clicks had moved would have moved itself.
        check.jumpsAtS = before > 0 ? 0.5 * (later[before - 1].fromS + later[before - 1].toS) : reference->toS;
        return check;
    }
    const bool same = calibratedS && std::abs(check.lagS - *calibratedS) * 1e3 < kSameMs;
    check.state = same ? LoopCheck::State::Agrees : LoopCheck::State::Differs;
    return check;
}

}  // namespace upbeat
