#pragma once

#include "upbeat/methods/methods.h"

namespace upbeat {

/// Collects the stages of one way. A stage without strokes or equal to the one before is none.
class Stages {
  public:
    Stages(const Exercise& whole, Method method) : m_whole(whole), m_method(method) {}

    void add(const Text& what, Exercise exercise, double tempoFactor = 1);
    void addWhole();
    [[nodiscard]] std::vector<PracticeStage> take() { return std::move(m_list); }

  private:
    const Exercise& m_whole;
    Method m_method;
    std::vector<PracticeStage> m_list;
};

/// The exercise with those strokes only that `keep` asks for.
template <class Keep>
[[nodiscard]] Exercise onlyStrokes(Exercise e, Keep keep) {
    std::erase_if(e.strokes, [&keep](const Stroke& s) { return !keep(s); });
    e.swells.clear();
    return e;
}

// One way of taking apart each, in a file of its own; see Method.
void slowWhole(Stages& stages, const Exercise& e);
void limbsApart(Stages& stages, const Exercise& e);
void chunks(Stages& stages, const Exercise& e);
void grow(Stages& stages, const Exercise& e);
void keepAndGrow(Stages& stages, const Exercise& e);
void singlesDoubles(Stages& stages, const Exercise& e);
void halfThenFull(Stages& stages, const Exercise& e);
void isolateSpan(Stages& stages, const Exercise& e, const Span& span);
void context(Stages& stages, const Exercise& e);
void easier(Stages& stages, const Exercise& e);
void trade(Stages& stages, const Exercise& e);
// Of a piece with sections.
void sectionBySection(Stages& stages, const Exercise& e);
void fromTheEnd(Stages& stages, const Exercise& e);
void transitions(Stages& stages, const Exercise& e);

}  // namespace upbeat
