#include "upbeat/methods/methods.h"

#include <fmt/format.h>

#include <algorithm>
#include <array>

#include "ways.h"

namespace upbeat {

namespace {

struct MethodText {
    std::string_view spoken;
    std::string_view how;
};

constexpr std::array<MethodText, kMethodCount> kTexts{{
    {"Slow, the whole", "All of it from 60 percent up: nothing is left out, there is only more time."},
    {"Limbs apart", "Every hand and foot alone, then in pairs, then all of them."},
    {"Pieces and joins", "One beat at a time with a rest behind it, then neighbours joined, then the whole."},
    {"Grow from the start", "The first notes, the rest counted; when it is easy a little more."},
    {"Singles and doubles", "The same grid in singles and in doubles, changing over without a bump."},
    {"Half speed, full speed", "Each bar at half speed, then at full speed, then all bars joined."},
    {"One spot", "The spot with a bar of rest, then round and round, then inside its bar."},
    {"In context", "The groove, the phrase, and the groove again, as it will be played."},
    {"Keep and grow", "The limbs that repeat keep on; the others are added a few notes at a time."},
    {"Easier versions",
     "Less of everything first: no ornaments, no ghosts, beats on the cymbal; then back to the full page."},
}};

constexpr std::size_t kUsefulStages = 2;

}  // namespace

std::string_view spokenName(Method method) {
    return kTexts.at(static_cast<std::size_t>(method)).spoken;
}
std::string_view explain(Method method) {
    return kTexts.at(static_cast<std::size_t>(method)).how;
}

std::vector<PracticeStage> stagesOf(const Exercise& exercise, Method method, const Span& span) {
    Stages stages(exercise, method);
    if (exercise.strokes.empty()) return {};
    switch (method) {
        case Method::SlowWhole:
            slowWhole(stages, exercise);
            break;
        case Method::LimbsApart:
            limbsApart(stages, exercise);
            break;
        case Method::Chunks:
            chunks(stages, exercise);
            break;
        case Method::Grow:
            grow(stages, exercise);
            break;
        case Method::SinglesDoubles:
            singlesDoubles(stages, exercise);
            break;
        case Method::HalfThenFull:
            halfThenFull(stages, exercise);
            break;
        case Method::IsolateSpan:
            isolateSpan(stages, exercise, span);
            break;
        case Method::Context:
            context(stages, exercise);
            break;
        case Method::KeepAndGrow:
            keepAndGrow(stages, exercise);
            break;
        case Method::Easier:
            easier(stages, exercise);
            break;
    }
    return stages.take();
}

std::vector<PracticeStage> combined(const Exercise& exercise, Method outer, Method inner) {
    std::vector<PracticeStage> all;
    for (const PracticeStage& stage : stagesOf(exercise, outer)) {
        auto parts = stagesOf(stage.exercise, inner);
        if (parts.size() < kUsefulStages) parts = {stage};
        for (PracticeStage& part : parts) {
            // However many parts there are, the last is the whole.
            if (all.size() == kMostStages) all.pop_back();
            const bool isWhole = &part == &parts.back();
            part.what = isWhole ? stage.what : fmt::format("{}: {}", stage.what, part.what);
            part.tempoFactor *= isWhole && parts.size() == 1 ? 1.0 : stage.tempoFactor;
            markAsPart(part.exercise, {exercise.id, StageNumber{outer, inner, static_cast<int>(all.size()) + 1}});
            part.exercise.title = fmt::format("{}: {}", exercise.title, part.what);
            all.push_back(std::move(part));
        }
    }
    return all;
}

std::vector<Method> methodsFor(const Exercise& exercise) {
    std::vector<Method> useful;
    for (int m = 0; m < kMethodCount; ++m)
        if (stagesOf(exercise, static_cast<Method>(m)).size() >= kUsefulStages)
            useful.push_back(static_cast<Method>(m));
    return useful;
}

int stageAfter(int now, int count, Action action, bool goalReached) {
    if (action == Action::Up || goalReached) return std::min(now + 1, count);
    if (action == Action::Back || action == Action::Easier) return std::max(0, now - 1);
    return now;
}

std::optional<Method> methodAfter(const Exercise& exercise, Method stalled) {
    const auto useful = methodsFor(exercise);
    const auto found = std::find(useful.begin(), useful.end(), stalled);
    if (useful.size() < 2) return std::nullopt;
    if (found == useful.end() || std::next(found) == useful.end()) return useful.front();
    return *std::next(found);
}

}  // namespace upbeat
