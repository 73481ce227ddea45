#include "studio/next_steps.h"

#include "theme/words.h"

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

void NextSteps::takeBack() {
    if (!m_before) return m_with.notices.say(tr("There is no step to take back."));
    Stand& stand = m_with.stand;
    const Before before = *m_before;
    m_before.reset();
    if (before.stage && m_with.takingApart.isOn())
        m_with.takingApart.goTo(*before.stage);
    else if (stand.isPart() && stand.whole().id == before.exerciseId)
        stand.backToWhole();
    if (stand.exercise().id != before.exerciseId)
        return m_with.notices.say(tr("The step cannot be taken back: another page is on the stand."));
    if (!before.stage) stand.setTempo(before.tempoBpm);
    clickAs(before.silent);
    m_with.notices.say(tr("Taken back: again at %1.").arg(tempoInWords(before.tempoBpm)));
}

void NextSteps::follow(const NextStepPtr& step) {
    Stand& stand = m_with.stand;
    if (step->taken || step->exerciseId != stand.exercise().id) return;
    step->taken = true;
    const Verdict verdict = step->verdict;
    const TakingApart& parts = m_with.takingApart;
    m_before = Before{stand.exercise().id, stand.ladder().tempoBpm,
                      parts.isOn() ? std::optional(parts.stage()) : std::nullopt, m_with.setup.settings().click.silent};
    if (m_with.takingApart.isOn())
        m_with.takingApart.follow(verdict);
    else if (verdict.action == Action::Isolate && verdict.span && !stand.isPart())
        m_with.takingApart.drill(*verdict.span);
    else if (stand.isPart() && verdict.action == Action::Up)
        stand.backToWhole();
    else
        goTo(verdict);
    Q_EMIT changed();
}

/// Takes long enough for the click to come back three times.
void NextSteps::clickAs(const SilentBars& click) {
    constexpr int kLongEnough = 16;
    PracticeSettings settings = m_with.setup.settings();
    settings.click.silent = click;
    if (click.off > 0 && settings.barsPerTake > 0) settings.barsPerTake = std::max(settings.barsPerTake, kLongEnough);
    m_with.setup.change(settings);
}

/// Another rung; where the hardest spot comes first, it has to be clean there before the whole is played.
void NextSteps::goTo(const Verdict& verdict) {
    Stand& stand = m_with.stand;
    // Minutes may have led on while this take was measured.
    if (stand.ladder().ladder.byMinutes && verdict.action == Action::Again) return;
    if (verdict.click) clickAs(*verdict.click);
    const auto spot = m_with.review.troubleIn(stand.exercise());
    stand.setTempo(verdict.nextTempoBpm);
    const bool spotFirst = stand.ladder().ladder.rule == LadderRule::HardestSpotFirst && !stand.isPart();
    if (!spotFirst || verdict.action != Action::Up || !spot) return;
    m_with.takingApart.drillAtTempo(*spot);
    m_with.notices.say(
        tr("Up to %1: first the hardest spot alone, then the whole.").arg(tempoInWords(verdict.nextTempoBpm)));
}

}  // namespace upbeat
