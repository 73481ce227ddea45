#include "upbeat/methods/methods.h"

#include <algorithm>
#include <array>

#include "ways.h"

namespace upbeat {

namespace {

constexpr std::size_t kUsefulStages = 2;

bool goesThroughBeats(Method method) {
    return method == Method::Chunks || method == Method::Grow || method == Method::SinglesDoubles ||
           method == Method::HalfThenFull || method == Method::KeepAndGrow || method == Method::Context;
}

/// In the order of Method; a spot has to be told.
using Way = void (*)(Stages&, const Exercise&);
constexpr std::array<Way, kMethodCount> kWays{slowWhole,        limbsApart, chunks,      grow,        singlesDoubles,
                                              halfThenFull,     nullptr,    context,     keepAndGrow, easier,
                                              sectionBySection, fromTheEnd, transitions, trade};

}  // namespace

std::vector<PracticeStage> stagesOf(const Exercise& exercise, Method method, const Span& span) {
    if (exercise.strokes.empty() || (exercise.bars > kLongestPhrase && goesThroughBeats(method))) return {};
    Stages stages(exercise, method);
    if (method == Method::IsolateSpan)
        isolateSpan(stages, exercise, span);
    else
        kWays.at(static_cast<std::size_t>(method))(stages, exercise);
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
            if (!isWhole)
                part.what = Text::with(UPBEAT_TEXT("%1: %2"), stage.what, part.what);
            else
                part.what = stage.what;
            part.tempoFactor *= isWhole && parts.size() == 1 ? 1.0 : stage.tempoFactor;
            markAsPart(part.exercise, {exercise.id, StageNumber{outer, inner, static_cast<int>(all.size()) + 1}});
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
    auto useful = methodsFor(exercise);
    std::erase(useful, Method::Trade);  // what one knows is put to use there, not learned
    if (useful.size() < 2) return std::nullopt;
    // Behind the spot alone comes the easier version, where the page has one.
    const auto spot = std::find(useful.begin(), useful.end(), Method::IsolateSpan);
    const auto easier = std::find(spot, useful.end(), Method::Easier);
    if (easier != useful.end()) std::rotate(std::next(spot), easier, std::next(easier));
    const auto found = std::find(useful.begin(), useful.end(), stalled);
    if (found == useful.end() || std::next(found) == useful.end()) return useful.front();
    return *std::next(found);
}

}  // namespace upbeat
