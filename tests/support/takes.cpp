#include "takes.h"

#include <algorithm>

namespace upbeat::test {

TakeFrame KnownTake::frame() const {
    const int passes = performance.hits.empty() ? 1 : performance.hits.back().pass;
    return {tempoBpm, rendered.firstBeatS, passes * exercise.bars, 0, false, {}};
}

KnownTake play(const Exercise& exercise, double tempoBpm, int passes, const Character& character, std::uint64_t seed,
               Recording recording) {
    KnownTake take{exercise, tempoBpm, perform(exercise, Bpm(tempoBpm), passes, character, seed), {}};
    take.rendered = render(take.performance, passes * passDurationS(exercise, Bpm(tempoBpm)), recording);
    return take;
}

Hit heard(double timeS, double levelDb, double strength, double contrastDb) {
    Hit hit;
    hit.timeS = timeS;
    hit.levelDb = levelDb;
    hit.strength = strength;
    hit.contrastDb = contrastDb;
    return hit;
}

std::vector<Hit> hitsOf(const Performance& performance, double firstBeatS) {
    std::vector<Hit> hits;
    for (const PlayedHit& played : performance.hits) {
        // Strokes struck together are one sound on one microphone.
        if (!hits.empty() && firstBeatS + played.timeS - hits.back().timeS < 0.004) {
            hits.back().levelDb = std::max(hits.back().levelDb, played.levelDb);
            continue;
        }
        hits.push_back(heard(firstBeatS + played.timeS, played.levelDb, 60, 40));
    }
    return hits;
}

void sortByTime(Performance& performance) {
    std::stable_sort(performance.hits.begin(), performance.hits.end(),
                     [](const PlayedHit& a, const PlayedHit& b) { return a.timeS < b.timeS; });
}

std::vector<Hit> perfectHits(const KnownTake& take) {
    return hitsOf(take.performance, take.rendered.firstBeatS);
}

TakeAnalysis analyze(const KnownTake& take, const HeardTake& heard) {
    return analyzeTake(take.exercise, take.frame(), heard, {Profile(), ladderOf(take.exercise), {}});
}

Character machine() {
    Character c;
    c.spreadMs = c.wanderMs = 0;
    c.levelSpreadDb = {0, 0, 0};
    c.graceSpreadMs = 0;
    return c;
}

Character calmPlayer() {
    Character c;
    c.spreadMs = 4;
    c.wanderMs = 1;
    return c;
}

Character goodPlayer() {
    Character c;
    c.spreadMs = 3;
    c.wanderMs = 0.5;
    return c;
}

}  // namespace upbeat::test
