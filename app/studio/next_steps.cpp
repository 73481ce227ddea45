#include "studio/next_steps.h"

namespace upbeat {

NextSteps::NextSteps(const With& with) : m_with(with) {
    connect(&m_with.review, &Review::opened, this, &NextSteps::changed);
    connect(&m_with.stand, &Stand::exerciseChanged, this, &NextSteps::changed);
}

const NextStep* NextSteps::now() const {
    const NextStepPtr& step = m_with.review.step();
    const bool canBe =
        step && !step->taken && step->exerciseId == m_with.stand.exercise().id && !m_with.stand.isFixed();
    return canBe ? step.get() : nullptr;
}

void NextSteps::accept() {
    if (now() != nullptr)
        follow(m_with.review.step());
    else if (m_with.review.take())
        m_with.notices.say(tr(
            "There is no step to take from here: it has been taken, or belongs to another exercise or an older take."));
}

void NextSteps::follow(const NextStepPtr& step) {
    Stand& stand = m_with.stand;
    if (step->taken || step->exerciseId != stand.exercise().id) return;
    step->taken = true;
    const Verdict verdict = step->verdict;
    if (m_with.takingApart.isOn())
        m_with.takingApart.follow(verdict);
    else if (verdict.action == Action::Isolate && verdict.span && !stand.isPart())
        stand.isolate(*verdict.span);
    else if (stand.isPart() && verdict.action == Action::Up)
        stand.backToWhole();
    else
        stand.setTempo(verdict.nextTempoBpm);
    Q_EMIT changed();
}

}  // namespace upbeat
