#pragma once

#include "upbeat/judge/profile.h"
#include "upbeat/music/exercise.h"
#include "upbeat/player/character.h"

namespace upbeat {

/// A simulated player who learns: he plays worse the nearer he comes to his ceiling, and much worse above it. What is
/// practised near the ceiling raises it; from day to day it sinks.
struct Learner {
    Character atEase;     ///< Far below the ceiling; at the ceiling his spread is twice as large.
    double startBpm = 0;  ///< Of his ladder; 0: as the page asks,
    double goalBpm = 0;   ///< this one, too.
    double ceilingBpm = 90;
    double widthBpm = 10;  ///< The spread is that at ease times 1 + exp((tempo - ceiling) / width).
    double gapLossDb = 0;  ///< Levels come so much nearer to one another for every width above the ceiling.
    double learnBpmPerTake =
        0.5;  ///< What a take just at the ceiling teaches; exp(-((tempo - ceiling) / width)^2) of it elsewhere.
    double plateauBpm = 300;  ///< The ceiling goes no higher.
    double forgetBpmPerDay = 0.5;
    int takesPerDay = 12;
    int passes = 8;  ///< In a take.

    friend bool operator==(const Learner&, const Learner&) = default;
};

/// Nothing when every number is in a playable range; otherwise which one is not.
[[nodiscard]] Result<void> check(const Learner& learner);

/// How he plays at a tempo.
[[nodiscard]] Character playerAt(const Learner& learner, double tempoBpm);
/// What a take teaches: most just at the ceiling.
void practise(Learner& learner, double tempoBpm);
/// A night.
void rest(Learner& learner);

/// What is true of a player at a tempo, whatever one take of him shows.
struct TruthOfPlaying {
    double spreadMs = 0;
    bool clean = false;  ///< The true values meet every gate.
};
[[nodiscard]] TruthOfPlaying truthOf(const Character& character, const Exercise& exercise, double tempoBpm,
                                     const Profile& profile);

}  // namespace upbeat
