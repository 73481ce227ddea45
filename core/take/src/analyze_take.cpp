#include "upbeat/take/analyze_take.h"

#include <algorithm>
#include <cmath>

#include "upbeat/align/foreign_sounds.h"
#include "upbeat/align/refused_strokes.h"
#include "upbeat/measure/click_instead.h"
#include "upbeat/measure/gain_ride.h"
#include "upbeat/take/section_findings.h"
#include "upbeat/take/take_bounds.h"
#include "upbeat/units/order_statistics.h"

namespace upbeat {

Measures measure(const MatchedTake& take) {
    Measures m;
    m.timing = measureTiming(take);
    m.swing = measureSwing(take);
    m.balance = measureBalance(take);
    m.ornaments = measureOrnaments(take);
    m.apart = measureApart(take);
    m.groups = measureGroups(take);
    m.pulse = measurePulse(take);
    m.doubles = measureDoubles(take);
    m.swells = measureSwells(take);
    m.dynamics = measureDynamics(take);
    m.accentRuns = measureAccentRuns(take);
    m.unisons = measureUnisons(take);
    m.rolls = measureRolls(take);
    m.quality = measureQuality(take);
    m.counts = measureCounts(take, m.balance);
    m.causes = measureCauses(take);
    m.feel = measureFeel(take, m.timing.centreMs);
    m.sections = sectionsPlayed(take);
    m.returns = measureReturns(take);
    m.freeSpaces = measureFreeSpaces(take);
    return m;
}

namespace {

/// What nobody wrote and is unlike the strokes of the take is known once the take was matched; and what passed for the
/// echo of such a sound, only once it was matched without it. What a syllable leaves in the place of a stroke is
/// refused last, and what then comes into its place is looked at again.
MatchedTake matchApartFromVoices(const Exercise& exercise, const TakeFrame& frame, const HeardTake& heard) {
    constexpr int kRounds = 2;
    constexpr int kLooks = 3;
    MatchedTake take = matchTake(exercise, frame, heard);
    std::optional<HeardTake> marked;
    const auto matchWithout = [&](auto marks, int times) {
        for (int k = 0; k < times; ++k) {
            auto more = marks(take, marked ? *marked : heard);
            if (!more) return;
            marked = std::move(more);
            take = matchTake(exercise, frame, *marked);
        }
    };
    matchWithout(markForeign, kRounds);
    if (marked) matchWithout(refuseWritten, kLooks);
    return take;
}

/// Where the gain rides, levels say nothing of the player: no gate and no finding may use them.
void forgetLevelsOfRidingGain(MatchedTake& take) {
    take.gainRides = gainRides(take);
    if (!take.gainRides) return;
    for (MatchedStroke& s : take.strokes) s.levelKnown = false;
}

/// What is struck a moment before another stroke is as loud as the two: its level is not its own. (What follows later
/// than that ends the sound in which a level is looked for.)
void forgetLevelsOfNeighbours(MatchedTake& take) {
    constexpr double kOneSoundS = 0.020;
    for (MatchedStroke& s : take.strokes) {
        const auto next = static_cast<std::size_t>(s.hit) + 1;
        if (s.written.role != Role::Main || next >= take.hits.size() || take.hits[next].exact) continue;
        if (take.hits[next].timeS - take.hits[next - 1].timeS < kOneSoundS) s.levelKnown = false;
    }
}

Verdict decideOn(const TakeAnalysis& a, const TakeFrame& frame, const CoachPlan& plan) {
    const Exercise& page = a.matched.exercise;
    if (isTooDamaged(frame, page)) return damagedTake(frame.tempoBpm, damagedS(frame, page), plan.ladder);
    if (a.matched.clickInstead) return unmeasuredTake(frame.tempoBpm, plan.ladder);
    return decide(a.matched, a.gates, a.findings, plan.ladder, plan.history);
}

}  // namespace

void poolGates(TakeAnalysis& analysis, const std::vector<RungTake>& history) {
    const auto before = onThisRung(history, analysis.matched.tempoBpm);
    analysis.evidence = evidenceOf(analysis.gates, before);
    analysis.takesTogether = 1 + static_cast<int>(std::min(before.size(), kDecidedAt - 1));
}

TakeAnalysis analyzeTake(const Exercise& exercise, const TakeFrame& frame, const HeardTake& heard,
                         const CoachPlan& plan) {
    TakeAnalysis analysis;
    analysis.matched = matchApartFromVoices(asJudged(exercise), frame, heard);
    forgetLevelsOfRidingGain(analysis.matched);
    forgetLevelsOfNeighbours(analysis.matched);
    analysis.matched.clickInstead = isClickInstead(analysis.matched, frame.clickBleed);
    analysis.measures = measure(analysis.matched);
    analysis.gates = judge(analysis.matched, analysis.measures, plan.profile);
    analysis.findings =
        findBySections(analysis.matched, plan.profile, findFaults(analysis.matched, analysis.measures, plan.profile));
    poolGates(analysis, plan.history);
    analysis.verdict = decideOn(analysis, frame, plan);
    return analysis;
}

int barsPlayed(const Exercise& exercise, double tempoBpm, double firstBeatS, const std::vector<Hit>& hits) {
    const double closing = 0.2 * 60.0 / tempoBpm;
    for (auto hit = hits.rbegin(); hit != hits.rend(); ++hit) {
        const double sinceFirst = hit->timeS - firstBeatS;
        if (hit->strength >= kFirmStrength && sinceFirst > -closing)
            return std::max(0, static_cast<int>(std::ceil(barsBefore(exercise, Bpm(tempoBpm), sinceFirst - closing))));
    }
    return 0;
}

int barsPlayed(const MatchedTake& take) {
    if (take.pale.empty() || take.bars < 2) return take.bars;
    const auto count = static_cast<std::size_t>(take.bars);
    std::vector<double> written(count, 0.0);
    std::vector<double> sure(count, 0.0);  // of them, surely played
    const auto barOf = [&take](const WrittenStroke& w) {
        const double bars = barsBefore(take.exercise, Bpm(take.tempoBpm), w.gridS + 1e-6);
        return static_cast<std::size_t>(std::clamp(static_cast<int>(bars), 0, take.bars - 1));
    };
    for (const MatchedStroke& s : take.strokes) {
        const Hit& hit = take.hits[static_cast<std::size_t>(s.hit)];
        ++written[barOf(s.written)];
        if (hit.strength >= kFirmStrength && !hit.foreign && hit.unlike <= 0) ++sure[barOf(s.written)];
    }
    for (const WrittenStroke& w : take.missed) ++written[barOf(w)];
    for (std::size_t bar = 0; bar < count; ++bar) sure[bar] /= std::max(1.0, written[bar]);
    const double usual = median(sure);
    int bars = take.bars;
    while (bars > 1 && 2 * sure[static_cast<std::size_t>(bars - 1)] < usual) --bars;
    return bars;
}

Ladder ladderOf(const Exercise& exercise) {
    return {exercise.tempo.start, exercise.tempo.goal, exercise.tempo.step, 3};
}

}  // namespace upbeat
