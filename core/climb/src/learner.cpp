#include "upbeat/climb/learner.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/page.h"

namespace upbeat {

namespace {

/// How many widths a tempo lies above the ceiling; minus below.
double widthsAbove(const Learner& learner, double tempoBpm) {
    return (tempoBpm - learner.ceilingBpm) / learner.widthBpm;
}

}  // namespace

Result<void> check(const Learner& learner) {
    if (auto good = check(learner.atEase); !good) return good;
    const auto isIn = [](double value, double low, double high) { return value >= low && value <= high; };
    const auto isTempo = [&](double bpm) { return isIn(bpm, kSlowestTempo, kFastestTempo); };
    const bool playable = isTempo(learner.ceilingBpm) && (learner.startBpm == 0 || isTempo(learner.startBpm)) &&
                          (learner.goalBpm == 0 || isTempo(learner.goalBpm)) && isIn(learner.widthBpm, 0.1, 200) &&
                          isIn(learner.gapLossDb, 0, 20) && isIn(learner.learnBpmPerTake, 0, 20) &&
                          isIn(learner.plateauBpm, 0, 1000) && isIn(learner.forgetBpmPerDay, 0, 50) &&
                          isIn(learner.takesPerDay, 1, 500) && isIn(learner.passes, 1, 64);
    if (playable) return {};
    return fail(UPBEAT_TEXT("a number of the learner is out of range"), "", UPBEAT_TEXT("see docs/formats/learner.md"));
}

Character playerAt(const Learner& learner, double tempoBpm) {
    constexpr double kFallenApartMs = 80;
    const double above = widthsAbove(learner, tempoBpm);
    Character player = learner.atEase;
    player.spreadMs = std::min(player.spreadMs * (1 + std::exp(above)), std::max(player.spreadMs, kFallenApartMs));
    const double lostDb = learner.gapLossDb * std::max(0.0, above);
    auto& [ghost, tap, accent] = player.relativeDb;
    accent = std::max(accent - lostDb, std::min(tap, accent));
    ghost = std::min(ghost + lostDb, std::max(tap, ghost));
    return player;
}

void practise(Learner& learner, double tempoBpm) {
    const double away = widthsAbove(learner, tempoBpm);
    const double learned = learner.ceilingBpm + learner.learnBpmPerTake * std::exp(-away * away);
    learner.ceilingBpm = std::max(learner.ceilingBpm, std::min({learned, learner.plateauBpm, kFastestTempo}));
}

void rest(Learner& learner) {
    learner.ceilingBpm = std::max(learner.ceilingBpm - learner.forgetBpmPerDay, kSlowestTempo);
}

TruthOfPlaying truthOf(const Character& character, const Exercise& exercise, double tempoBpm, const Profile& profile) {
    const double stepMs = shortestStepMs(exercise, Bpm(tempoBpm));
    TruthOfPlaying truth;
    truth.spreadMs = std::hypot(character.spreadMs, character.wanderMs);
    const auto limit = [&](GateKind gate) { return profile.limit(gate, stepMs); };
    truth.clean =
        truth.spreadMs <= limit(GateKind::Spread) && std::abs(character.placementMs) <= limit(GateKind::Placement);
    const auto& [ghostDb, tapDb, writtenAccentDb] = character.relativeDb;
    double accentDb = writtenAccentDb;
    for (const Habit& habit : character.habits) {
        if (habit.at) truth.clean = truth.clean && std::abs(habit.offsetMs) <= limit(GateKind::Habit);
        if (habit.level == Level::Accent) accentDb += habit.levelDb;
    }
    if (uses(exercise, Level::Accent) && uses(exercise, Level::Tap))
        truth.clean = truth.clean && accentDb - tapDb >= limit(GateKind::AccentTapGap);
    if (uses(exercise, Level::Tap) && uses(exercise, Level::Ghost))
        truth.clean = truth.clean && tapDb - ghostDb >= limit(GateKind::TapGhostGap);
    return truth;
}

}  // namespace upbeat
