#include "climb/climb_place.h"

#include <QGridLayout>
#include <algorithm>

#include "climb/ladder_view.h"
#include "place/gate_list.h"

namespace upbeat {

ClimbPlace::ClimbPlace(const With& with, QWidget* parent)
    : Place(parent),
      m_with(with),
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
    connect(m_verdict, &VerdictBar::accepted, &m_with.nextSteps, &NextSteps::accept);
    connect(m_ladder, &LadderView::takeChosen, &m_with.review, &Review::open);
    for (const auto signal : {&Stand::exerciseChanged, &Stand::ladderChanged})
        connect(&m_with.stand, signal, this, &ClimbPlace::refresh);
    connect(&m_with.nextSteps, &NextSteps::changed, this, &ClimbPlace::refresh);
    connect(&m_with.log, &TakeLog::changed, this, &ClimbPlace::refresh);
    addKey(Qt::Key_Return, tr("Enter"), tr("next step"), [this] { m_with.nextSteps.accept(); });
    addKey(Qt::Key_Up, tr("Up Down"), tr("rung"), [this] { moveRung(1); });
    addHiddenKey(Qt::Key_Down, [this] { moveRung(-1); });
    addKey(Qt::Key_H, QStringLiteral("H"), tr("hands-free climb"), [this] {
        m_with.handsFree.set(true);
        m_with.recorder.start();
    });
    addKey(Qt::Key_G, QStringLiteral("G"), tr("goal up a step"), [this] {
        m_with.stand.setGoal(m_with.stand.ladder().ladder.goalBpm + m_with.stand.ladder().ladder.stepBpm);
    });
    addHiddenKey(Qt::SHIFT | Qt::Key_G, [this] {
        m_with.stand.setGoal(m_with.stand.ladder().ladder.goalBpm - m_with.stand.ladder().ladder.stepBpm);
    });
}

void ClimbPlace::moveRung(int steps) {
    const LadderState& state = m_with.stand.ladder();
    m_with.stand.setTempo(steps > 0 ? state.ladder.above(state.tempoBpm) : state.ladder.below(state.tempoBpm));
}

void ClimbPlace::enter() {
    refresh();
    Place::enter();
}

/// Reads the logbook: not while nobody looks, for every key of the editor changes the exercise.
void ClimbPlace::refresh() {
    if (!isVisible()) return;
    auto takes = m_with.log.takes(m_with.stand.exercise().id);
    std::reverse(takes.begin(), takes.end());
    m_ladder->show(m_with.stand.ladder().ladder, m_with.stand.ladder().tempoBpm, std::move(takes));
    const TakePtr& take = m_with.review.take();
    if (take && take->stored.exercise.id == m_with.stand.exercise().id) {
        m_gates->setGates(take->analysis.gates);
        m_verdict->setVerdict(take->stored.exercise, take->analysis.verdict, m_with.nextSteps.now() != nullptr);
    } else {
        m_gates->setGates({});
        m_verdict->clear();
    }
}

}  // namespace upbeat
