#pragma once

#include "upbeat/align/matched_take.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/voices/taught_kit.h"

namespace upbeat {

/// The page from which a microphone learns the voices of an exercise: every voice alone in quarters, a soft bar and a
/// loud one (half a bar each where there are more than eight voices).
[[nodiscard]] Exercise teachingExercise(const Exercise& exercise);

/// The voices of a take that were struck alone and clearly, each with at most kMostTaught strokes. Any page will do.
[[nodiscard]] TaughtKit learnKit(const MatchedTake& take);

/// Voices of `newer` take the place of the same voices in `kit`.
void learnMore(TaughtKit& kit, const TaughtKit& newer);

/// The voices of the page whose instrument was not taught well enough.
[[nodiscard]] std::vector<Voice> untaughtVoices(const Exercise& exercise, const TaughtKit& kit);

/// A take with its hits told apart by voice, where the page has several instruments and all of them were taught;
/// otherwise the take as it is.
[[nodiscard]] HeardTake toldApart(const Exercise& exercise, HeardTake heard, const TaughtKit& kit);

}  // namespace upbeat
