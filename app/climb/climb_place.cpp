#include "climb/climb_place.h"

#include <QGridLayout>
#include <algorithm>

#include "climb/gate_list.h"
#include "climb/ladder_view.h"

namespace upbeat {

ClimbPlace::ClimbPlace(Studio& studio, QWidget* parent)
    : Place(parent),
      m_studio(studio),
      m_ladder(new LadderView(this)),
      m_gates(new GateList(this)),
      m_verdict(new VerdictBar(this)) {
    setFocusPolicy(Qt::StrongFocus);
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(18);
    grid->setVerticalSpacing(12);
    grid->addWidget(m_ladder, 0, 0);
    grid->addWidget(m_gates, 0, 1);
    grid->addWidget(m_verdict, 1, 0, 1, 2);
    grid->setColumnStretch(0, 16);
    grid->setColumnStretch(1, 10);
    grid->setRowStretch(0, 1);
    connect(m_verdict, &VerdictBar::accepted, &m_studio, &Studio::acceptNextStep);
    connect(m_ladder, &LadderView::takeChosen, &m_studio, &Studio::openTake);
    for (const auto signal :
         {&Studio::exerciseChanged, &Studio::ladderChanged, &Studio::takeOpened, &Studio::nextStepChanged})
        connect(&m_studio, signal, this, &ClimbPlace::refresh);
    connect(&m_studio.log(), &TakeLog::changed, this, &ClimbPlace::refresh);
    addKey(Qt::Key_Return, tr("Enter"), tr("next step"), [this] { m_studio.acceptNextStep(); });
    addKey(Qt::Key_Up, tr("Up Down"), tr("rung"), [this] { moveRung(1); });
    addHiddenKey(Qt::Key_Down, [this] { moveRung(-1); });
    addKey(Qt::Key_H, QStringLiteral("H"), tr("hands-free climb"), [this] {
        m_studio.setHandsFree(true);
        m_studio.startTake();
    });
    addKey(Qt::Key_G, QStringLiteral("G"), tr("goal up a step"),
           [this] { m_studio.setGoal(m_studio.ladder().ladder.goalBpm + m_studio.ladder().ladder.stepBpm); });
    addHiddenKey(Qt::SHIFT | Qt::Key_G,
                 [this] { m_studio.setGoal(m_studio.ladder().ladder.goalBpm - m_studio.ladder().ladder.stepBpm); });
}

void ClimbPlace::moveRung(int steps) {
    const LadderState& state = m_studio.ladder();
    m_studio.setTempo(steps > 0 ? state.ladder.above(state.tempoBpm) : state.ladder.below(state.tempoBpm));
}

void ClimbPlace::enter() {
    refresh();
    Place::enter();
}

/// Reads the logbook: not while nobody looks, for every key of the editor changes the exercise.
void ClimbPlace::refresh() {
    if (!isVisible()) return;
    auto takes = m_studio.log().takes(m_studio.exercise().id);
    std::reverse(takes.begin(), takes.end());
    m_ladder->show(m_studio.ladder().ladder, m_studio.ladder().tempoBpm, std::move(takes));
    const TakePtr& take = m_studio.take();
    if (take && take->stored.exercise.id == m_studio.exercise().id) {
        m_gates->setGates(take->analysis.gates);
        m_verdict->setVerdict(take->analysis.verdict, m_studio.nextStep() != nullptr);
    } else {
        m_gates->setGates({});
        m_verdict->clear();
    }
}

}  // namespace upbeat
