#pragma once

#include "upbeat/player/render.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat::test {

/// A hit as the detector would give it.
[[nodiscard]] Hit heard(double timeS, double levelDb, double strength, double contrastDb);

/// A take whose truth is known, played and rendered by the simulated player.
struct KnownTake {
    Exercise exercise;
    double tempoBpm = 0;
    Performance performance;
    RenderedTake rendered;

    [[nodiscard]] TakeFrame frame() const;
};

[[nodiscard]] KnownTake play(const Exercise& exercise, double tempoBpm, int passes, const Character& character = {},
                             std::uint64_t seed = 1, Recording recording = {});

/// After its hits were moved.
void sortByTime(Performance& performance);

/// The same take without the detour over sound: hits exactly as played. Fast, and free of detection errors.
[[nodiscard]] std::vector<Hit> perfectHits(const KnownTake& take);
[[nodiscard]] std::vector<Hit> hitsOf(const Performance& performance, double firstBeatS);

[[nodiscard]] TakeAnalysis analyze(const KnownTake& take, const HeardTake& heard);

/// A player who hits every stroke exactly on time and exactly at its level.
[[nodiscard]] Character machine();
/// A good player: 3 ms of spread, hardly any wander.
[[nodiscard]] Character goodPlayer();
/// As calm as most who practise.
[[nodiscard]] Character calmPlayer();

}  // namespace upbeat::test
