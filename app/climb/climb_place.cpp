#include "climb/climb_place.h"

#include <QGridLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "climb/faster_view.h"
#include "climb/hold_bar.h"
#include "climb/ladder_view.h"
#include "climb/limit_editor.h"
#include "climb/past.h"
#include "place/gate_list.h"
#include "theme/words.h"
#include "upbeat/words/words.h"

namespace upbeat {

ClimbPlace::ClimbPlace(const With& with, QWidget* parent)
    : Place(parent),
      m_with(with),
      m_sections(new SectionStrip(this)),
      m_holder(new QLabel(this)),
      m_main(new QStackedWidget(this)),
      m_ladder(new LadderView(this)),
      m_faster(new FasterView(this)),
      m_side(new QStackedWidget(this)),
      m_asked(new QWidget(this)),
      m_gates(new GateList(m_asked)),
      m_holds(new HoldBar(m_asked)),
      m_limits(new LimitEditor(with.limits, with.stand, this)),
      m_verdict(new VerdictBar(this)) {
    setFocusPolicy(Qt::StrongFocus);
    layOut();
    connect(m_verdict, &VerdictBar::accepted, &m_with.nextSteps, &NextSteps::accept);
    connect(m_sections, &SectionStrip::sectionChosen, this, &ClimbPlace::practise);
    connect(m_ladder, &LadderView::takeChosen, &m_with.review, &Review::open);
    connect(&m_with.stand, &Stand::exerciseChanged, this, &ClimbPlace::readLog);
    connect(&m_with.log, &TakeLog::changed, this, &ClimbPlace::readLog);
    connect(&m_with.stand, &Stand::ladderChanged, this,
            [this] { m_goalRead != m_with.stand.ladder().ladder.goalBpm ? readLog() : refresh(); });
    connect(&m_with.nextSteps, &NextSteps::changed, this, &ClimbPlace::refresh);
    addKeys();
    addRuleKeys();
    addLimitKeys();
}

void ClimbPlace::layOut() {
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setHorizontalSpacing(18);
    grid->setVerticalSpacing(12);
    m_main->addWidget(m_ladder);
    m_main->addWidget(m_faster);
    m_holder->setFont(typeFace(Type::kText));
    m_holder->setWordWrap(true);
    grid->addWidget(m_sections, 0, 0, 1, 2);
    grid->addWidget(m_holder, 1, 0, 1, 2);
    grid->addWidget(m_main, 2, 0);
    auto* asked = new QVBoxLayout(m_asked);
    asked->setContentsMargins(0, 0, 0, 0);
    asked->addWidget(m_gates, 1);
    asked->addWidget(m_holds);
    m_side->addWidget(m_asked);
    m_side->addWidget(m_limits);
    grid->addWidget(m_side, 2, 1);
    grid->addWidget(m_verdict, 3, 0, 1, 2);
    grid->setColumnStretch(0, 16);
    grid->setColumnStretch(1, 10);
    grid->setRowStretch(2, 1);
}

void ClimbPlace::addKeys() {
    addKey(Qt::Key_Return, tr("Enter"), tr("next step"), [this] {
        if (!isEditing()) m_with.nextSteps.accept();
    });
    addKey(Qt::Key_Up, tr("Up Down"), tr("rung"), [this] { moveRung(1); });
    addHiddenKey(Qt::Key_Down, [this] { moveRung(-1); });
    addKey(Qt::Key_H, QStringLiteral("H"), tr("hands-free climb"), [this] {
        m_with.handsFree.set(true);
        m_with.recorder.start();
    });
    addKey(Qt::Key_V, QStringLiteral("V"), tr("as it gets faster"),
           [this] { showFaster(m_main->currentWidget() == m_ladder); });
    addKey(Qt::Key_L, QStringLiteral("L"), tr("limits"), [this] { editLimits(!isEditing()); });
    addHiddenKey(Qt::Key_M, [this] { m_faster->nextMeasure(); });
    addKey(Qt::Key_G, QStringLiteral("G"), tr("goal up a step"), [this] {
        m_with.stand.setGoal(m_with.stand.ladder().ladder.goalBpm + m_with.stand.ladder().ladder.stepBpm);
    });
    addHiddenKey(Qt::SHIFT | Qt::Key_G, [this] {
        m_with.stand.setGoal(m_with.stand.ladder().ladder.goalBpm - m_with.stand.ladder().ladder.stepBpm);
    });
    addHiddenKey(Qt::SHIFT | Qt::Key_B, [this] {
        if (!isEditing()) playWholeToday();
    });
    addKey(Qt::Key_T, QStringLiteral("T"), tr("takes asked"), [this] { askForTakes(); });
    m_fasterKeys = {{tr("Enter"), tr("next step")},
                    {QStringLiteral("M"), tr("next measure")},
                    {QStringLiteral("V"), tr("the ladder again")},
                    {QStringLiteral("L"), tr("limits")}};
}

void ClimbPlace::addRuleKeys() {
    const auto add = [this](Qt::Key key, const QString& shown, const QString& what, auto action) {
        addKey(key, shown, what, [this, action] {
            if (!isEditing()) action();
        });
    };
    add(Qt::Key_W, QStringLiteral("W"), tr("another way up"), [this] { nextRule(); });
    add(Qt::Key_U, QStringLiteral("U"), tr("up by minutes"), [this] { leadByMinutes(); });
    add(Qt::Key_N, QStringLiteral("N"), tr("a nearer goal"), [this] { takeNearerGoal(); });
}

void ClimbPlace::addLimitKeys() {
    KeyGroup& limits = m_limitKeys;
    limits.hints = {{tr("Tab"), tr("next")}, {tr("Up Down"), tr("change")}};
    addKey(limits, Qt::Key_A, QStringLiteral("A"), tr("this one or all"),
           [this] { m_limits->setForAll(!m_limits->isForAll()); });
    addKey(limits, Qt::Key_R, QStringLiteral("R"), tr("built in"), [this] { m_limits->bringBack(); });
    addKey(limits, Qt::Key_Escape, QStringLiteral("L"), tr("done"), [this] { editLimits(false); });
    addKey(limits, Qt::Key_O, QStringLiteral("O"), tr("open"), [this] { m_limits->openFile(); });
    addKey(limits, Qt::Key_S, QStringLiteral("S"), tr("save"), [this] { m_limits->saveFile(); });
    addKey(limits, Qt::CTRL | Qt::Key_Z, tr("Ctrl Z"), tr("undo"), [this] { m_with.limits.undo(); });
    addKey(limits, Qt::SHIFT | Qt::Key_R, tr("Shift R"), tr("all built in"), [this] { m_limits->bringAllBack(); });
}

QList<KeyHint> ClimbPlace::keys() const {
    if (isEditing()) return m_limitKeys.hints;
    return m_main->currentWidget() == m_faster ? m_fasterKeys : Place::keys();
}

QList<KeySection> ClimbPlace::allKeys(const QString& name) const {
    return {
        {name, Place::keys()}, {tr("As it gets faster"), m_fasterKeys}, {tr("Limits of your own"), m_limitKeys.hints}};
}

bool ClimbPlace::isEditing() const {
    return m_side->currentWidget() == m_limits;
}

void ClimbPlace::editLimits(bool edit) {
    if (edit == isEditing()) return;
    m_side->setCurrentWidget(edit ? static_cast<QWidget*>(m_limits) : m_asked);
    if (edit)
        m_limits->begin();
    else
        setFocus();
    Q_EMIT keysChanged();
}

void ClimbPlace::showFaster(bool faster) {
    m_main->setCurrentWidget(faster ? static_cast<QWidget*>(m_faster) : m_ladder);
    Q_EMIT keysChanged();
}

void ClimbPlace::askForTakes() {
    const int now = m_with.stand.ladder().ladder.cleanNeeded;
    m_with.stand.setCleanNeeded(now % kMostCleanNeeded + 1);
}

void ClimbPlace::nextRule() {
    const int now = static_cast<int>(m_with.stand.ladder().ladder.rule);
    m_with.stand.setRule(static_cast<LadderRule>((now + 1) % kLadderRules));
    m_with.notices.say(tr("The way up: %1.").arg(inWords(words::ruleOf(m_with.stand.ladder().ladder))));
}

void ClimbPlace::leadByMinutes() {
    constexpr int kUsualMinutes = 5;
    const bool byMinutes = !m_with.stand.ladder().ladder.byMinutes;
    PracticeSettings settings = m_with.setup.settings();
    if (byMinutes && settings.minutes == 0) settings.minutes = kUsualMinutes;
    m_with.setup.change(settings);
    m_with.stand.setByMinutes(byMinutes);
    m_with.notices.say(byMinutes
                           ? tr("A rung lasts %1, whatever was played; what falls apart still leads back.")
                                 .arg(counted(settings.minutes, UPBEAT_TEXT("1 minute"), UPBEAT_TEXT_N("%n minutes")))
                           : tr("Clean takes lead up."));
}

void ClimbPlace::takeNearerGoal() {
    if (!m_nearerGoal)
        return m_with.notices.say(tr("The goal is near enough, or there are too few days to say what is."));
    m_with.stand.setGoal(*m_nearerGoal);
}

void ClimbPlace::moveRung(int steps) {
    const LadderState& state = m_with.stand.ladder();
    m_with.stand.setTempo(steps > 0 ? state.ladder.above(state.tempoBpm) : state.ladder.below(state.tempoBpm));
}

void ClimbPlace::enter() {
    editLimits(false);
    readLog();
    Place::enter();
}

/// Not while nobody looks, for every key of the editor changes the exercise.
void ClimbPlace::readLog() {
    if (!isVisible()) return;
    const Exercise& page = m_with.stand.exercise();
    m_takes = m_with.log.takes(page.id);
    if (m_pastOf != page.id) {
        m_pastOf = page.id;
        m_ceiling.reset();
        m_forecast.reset();
        m_faster->show({});
    }
    m_goalRead = m_with.stand.ladder().ladder.goalBpm;
    m_weighing.run([input = readPast(page, m_takes, m_with.log, m_goalRead,
                                     QDateTime::currentDateTime())] { return pastOf(input); },
                   [this, reading = ++m_reading](Past past) {
                       if (reading != m_reading) return;  // the log has gone on
                       m_ceiling = std::move(past.ceiling);
                       m_forecast = past.forecast;
                       m_faster->show(std::move(past.overTempo), std::move(past.before));
                       refresh();
                   });
    std::reverse(m_takes.begin(), m_takes.end());
    showSections();
    refresh();
}

void ClimbPlace::refresh() {
    if (!isVisible()) return;
    if (isEditing()) m_limits->begin();
    const LadderState& state = m_with.stand.ladder();
    m_nearerGoal = m_forecast ? nearerGoal(state.ladder, state.tempoBpm, *m_forecast) : std::nullopt;
    m_ladder->show(state.ladder, state.tempoBpm, m_takes, m_ceiling, m_forecast);
    m_ladder->showNearerGoal(m_nearerGoal);
    m_holding = holdingNow();
    showHolding();
    const TakePtr& take = m_with.review.take();
    if (take && take->stored.exercise.id == m_with.stand.exercise().id) {
        m_gates->setGates(take->analysis.evidence, take->analysis.takesTogether);
        m_verdict->setVerdict(take->stored.exercise, take->analysis.verdict, m_with.nextSteps.now() != nullptr);
    } else {
        m_gates->setGates({}, 0);
        m_verdict->clear();
    }
}

}  // namespace upbeat
