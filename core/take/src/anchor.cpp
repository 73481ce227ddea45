#include "upbeat/take/anchor.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/page.h"

namespace upbeat {

namespace {

constexpr double kLongestS = 0.45;

/// How well the hits lie on the page when so much is taken off them.
double likeness(const std::vector<double>& hits, const std::vector<double>& grid, double latencyS) {
    constexpr double kWidthS = 0.02;
    double sum = 0;
    std::size_t next = 0;
    for (const double g : grid) {
        while (next + 1 < hits.size() && std::abs(hits[next + 1] - latencyS - g) <= std::abs(hits[next] - latencyS - g))
            ++next;
        const double away = (hits[next] - latencyS - g) / kWidthS;
        sum += std::exp(-0.5 * away * away);
    }
    return sum;
}

void damageFrom(TakeRecord& take, double fromS) {
    auto& damaged = take.frame.damaged;
    std::erase_if(damaged, [fromS](const DamagedSpan& s) { return s.fromS >= fromS; });
    damaged.push_back({fromS, std::max(take.durationS, fromS)});
}

}  // namespace

double latencyByStrokes(const TakeRecord& take, double longestS) {
    std::vector<double> hits;
    for (const Hit& hit : take.hits)
        if (hit.strength >= kFirmStrength) hits.push_back(hit.timeS - take.frame.firstBeatS);
    if (hits.empty()) return 0;
    const int passes = (take.frame.bars + take.exercise.bars - 1) / take.exercise.bars;
    std::vector<double> grid;
    for (const WrittenStroke& w : writeOut(take.exercise, Bpm(take.frame.tempoBpm), passes))
        if (w.role == Role::Main && (grid.empty() || w.gridS > grid.back())) grid.push_back(w.gridS);
    constexpr double kStepS = 0.002;
    double best = 0;
    double most = -1;
    for (double latency = 0; latency <= longestS; latency += kStepS)
        if (const double alike = likeness(hits, grid, latency); alike > most + 1e-9) {
            most = alike;
            best = latency;
        }
    return best;
}

Anchor anchorOf(const KnownLoop& known) {
    if (!known.latencyS) return {AnchorKind::None, 0};
    return {known.isMeasured ? AnchorKind::Calibrated : AnchorKind::Given, known.uncertainMs};
}

AnchorNews anchorTake(TakeRecord& take, const LoopCheck& check, const KnownLoop& known) {
    TakeFrame& frame = take.frame;
    if (known.latencyS) {
        frame.latencyS = *known.latencyS;
        frame.anchor = anchorOf(known);
    }
    switch (check.state) {
        case LoopCheck::State::NotHeard:
            if (known.latencyS) return AnchorNews::Nothing;
            frame.latencyS = latencyByStrokes(take, kLongestS);
            frame.anchor = {AnchorKind::None, 0};
            return AnchorNews::Nothing;
        case LoopCheck::State::Agrees:
            return AnchorNews::Confirmed;
        case LoopCheck::State::Differs:
            frame.latencyS = check.lagS;
            frame.anchor = {AnchorKind::Click, check.uncertainMs};
            return known.isMeasured ? AnchorNews::Moved : AnchorNews::Nothing;
        case LoopCheck::State::Jumps:
            frame.latencyS = check.lagS;
            frame.anchor = {AnchorKind::Click, check.uncertainMs};
            damageFrom(take, check.jumpsAtS);
            return AnchorNews::Jumped;
    }
    return AnchorNews::Nothing;
}

}  // namespace upbeat
