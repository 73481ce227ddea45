#include "upbeat/climb/learner.h"

#include <algorithm>
#include <cmath>

#include "upbeat/music/page.h"

namespace upbeat {

namespace {

double percentAbove(const Learner& learner, double tempoBpm) {
    return std::max(0.0, 100 * (tempoBpm / learner.ceilingBpm - 1));
}

}  // namespace

Result<void> check(const Learner& learner) {
    if (auto good = check(learner.atEase); !good) return good;
    const auto isIn = [](double value, double low, double high) { return value >= low && value <= high; };
    const bool playable = isIn(learner.ceilingBpm, kSlowestTempo, kFastestTempo) &&
                          isIn(learner.spreadMsPerPercent, 0, 20) && isIn(learner.gapDbPerPercent, 0, 5) &&
                          isIn(learner.habitMsPerPercent, 0, 20) && isIn(learner.rises, 0, 0.2) &&
                          isIn(learner.reach, 0.001, 1) && isIn(learner.sinks, 0, 0.2) &&
                          isIn(learner.takesADay, 1, 500) && isIn(learner.passes, 1, 64);
    if (playable) return {};
    return fail(UPBEAT_TEXT("a number of the learner is out of range"), "", UPBEAT_TEXT("see docs/formats/learner.md"));
}

Character playerAt(const Learner& learner, double tempoBpm) {
    const double above = percentAbove(learner, tempoBpm);
    Character player = learner.atEase;
    if (above <= 0) return player;
    player.spreadMs += learner.spreadMsPerPercent * above;
    Habit early;
    early.at = learner.habitAt;
    early.offsetMs = -learner.habitMsPerPercent * above;
    Habit soft;
    soft.level = Level::Accent;
    soft.levelDb = -learner.gapDbPerPercent * above;
    player.habits.push_back(early);
    player.habits.push_back(soft);
    return player;
}

void practise(Learner& learner, double tempoBpm) {
    const double away = (tempoBpm / learner.ceilingBpm - 1) / learner.reach;
    learner.ceilingBpm *= 1 + learner.rises * std::max(0.0, 1 - away * away);
    learner.ceilingBpm = std::min(learner.ceilingBpm, kFastestTempo);
}

void rest(Learner& learner) {
    learner.ceilingBpm = std::max(learner.ceilingBpm * (1 - learner.sinks), kSlowestTempo);
}

TruthOfPlaying truthOf(const Character& character, const Exercise& exercise, double tempoBpm, const Profile& profile) {
    const double stepMs = shortestStepMs(exercise, Bpm(tempoBpm));
    TruthOfPlaying truth;
    truth.spreadMs = std::hypot(character.spreadMs, character.wanderMs);
    const auto limit = [&](GateKind gate) { return profile.limit(gate, stepMs); };
    truth.clean =
        truth.spreadMs <= limit(GateKind::Spread) && std::abs(character.placementMs) <= limit(GateKind::Placement);
    double accentDb = character.relativeDb[2];
    for (const Habit& habit : character.habits) {
        if (habit.at) truth.clean = truth.clean && std::abs(habit.offsetMs) <= limit(GateKind::Habit);
        if (habit.level == Level::Accent) accentDb += habit.levelDb;
    }
    if (uses(exercise, Level::Accent) && uses(exercise, Level::Tap))
        truth.clean = truth.clean && accentDb - character.relativeDb[1] >= limit(GateKind::AccentTapGap);
    return truth;
}

}  // namespace upbeat
