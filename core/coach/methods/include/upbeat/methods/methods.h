#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "upbeat/ladder/verdict.h"
#include "upbeat/methods/drill.h"

namespace upbeat {

/// One step of a method: an exercise like any other, played, measured and gated. Its origin says
/// which step.
struct PracticeStage {
    Text what;  ///< "right hand and bass drum", "the first 6 notes".
    Exercise exercise;
    double tempoFactor = 1;  ///< Of the ladder's tempo.
};

/// The stages, easiest first, the last always the whole as written; fewer than two where the method has no use for
/// this exercise. `span` is for IsolateSpan, where it is not given the first beat is taken.
[[nodiscard]] std::vector<PracticeStage> stagesOf(const Exercise& exercise, Method method, const Span& span = {});

/// The stages of one method made of each stage of another (limbs apart, each of them grown): a stage that has no parts
/// stays one. At most kMostStages: of more the last ones before the whole are left out.
[[nodiscard]] std::vector<PracticeStage> combined(const Exercise& exercise, Method outer, Method inner);
inline constexpr std::size_t kMostStages = 48;
/// Clean takes in a row before the next stage.
inline constexpr int kCleanPerStage = 2;

/// Methods with at least two stages for this exercise.
[[nodiscard]] std::vector<Method> methodsFor(const Exercise& exercise);

/// The stage after a verdict on stage `now` (from 0) of `count`: on where it is easy, back where it wobbles, the same
/// otherwise. `count` says that the last stage is done.
[[nodiscard]] int stageAfter(int now, int count, Action action, bool goalReached);

/// Where one way stalls another is offered: the method to try after this one.
[[nodiscard]] std::optional<Method> methodAfter(const Exercise& exercise, Method stalled);

}  // namespace upbeat
