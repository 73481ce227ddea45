#pragma once

#include "upbeat/judge/profile.h"
#include "upbeat/music/exercise.h"
#include "upbeat/player/character.h"

namespace upbeat {

/// A simulated player who learns: plays as well as he can up to a ceiling and worse above it. What is practised near
/// the ceiling raises it; from day to day it sinks.
struct Learner {
    Character atEase;  ///< Up to the ceiling.
    double ceilingBpm = 90;
    double spreadMsPerPercent = 0.5;  ///< What the spread grows by for every percent above the ceiling.
    double gapDbPerPercent = 0.15;    ///< What accents sink by.
    double habitMsPerPercent = 0.4;   ///< What one count comes early by.
    Beats habitAt{7, 4};
    double rises = 0.012;  ///< Share of the ceiling that a take just there teaches.
    double reach = 0.15;   ///< As a share of the ceiling: farther away nothing is learned.
    double sinks = 0.01;   ///< Share of the ceiling lost overnight.
    int takesADay = 12;
    int passes = 8;  ///< In a take.

    friend bool operator==(const Learner&, const Learner&) = default;
};

/// Nothing when every number is in a playable range; otherwise which one is not.
[[nodiscard]] Result<void> check(const Learner& learner);

/// How he plays at a tempo.
[[nodiscard]] Character playerAt(const Learner& learner, double tempoBpm);
/// What a take teaches: most just at the ceiling, nothing `reach` away from it.
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
