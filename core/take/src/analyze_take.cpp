#include "upbeat/take/analyze_take.h"

#include <algorithm>
#include <cmath>

namespace upbeat {

Measures measure(const MatchedTake& take) {
    return {measureTiming(take), measureSwing(take), measureBalance(take), measureOrnaments(take), measureApart(take)};
}

TakeAnalysis analyzeTake(const Exercise& exercise, const TakeFrame& frame, const std::vector<Hit>& hits,
                         const CoachPlan& plan) {
    TakeAnalysis analysis;
    analysis.matched = matchTake(exercise, frame, hits);
    analysis.measures = measure(analysis.matched);
    analysis.gates = judge(analysis.matched, analysis.measures, plan.profile);
    analysis.findings = findFaults(analysis.matched, analysis.measures, plan.profile);
    analysis.verdict = decide(analysis.matched, analysis.gates, analysis.findings, plan.ladder, plan.history);
    return analysis;
}

int barsPlayed(const Exercise& exercise, double tempoBpm, double firstBeatS, const std::vector<Hit>& hits) {
    const double bar = barDurationS(exercise.meter, Bpm(tempoBpm));
    const double closing = 0.2 * 60.0 / tempoBpm;
    for (auto hit = hits.rbegin(); hit != hits.rend(); ++hit) {
        const double sinceFirst = hit->timeS - firstBeatS;
        if (hit->strength >= kFirmStrength && sinceFirst > -closing)
            return std::max(0, static_cast<int>(std::ceil((sinceFirst - closing) / bar)));
    }
    return 0;
}

Ladder ladderOf(const Exercise& exercise) {
    return {exercise.tempo.start, exercise.tempo.goal, exercise.tempo.step, 3};
}

}  // namespace upbeat
