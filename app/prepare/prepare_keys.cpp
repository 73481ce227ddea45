// The keys of Prepare, and the controls below the page.
#include "prepare/prepare_place.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QScrollArea>
#include <QVBoxLayout>

#include "prepare/edit_keys.h"
#include "prepare/exercise_delegate.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

QString fileKinds() {
    return PreparePlace::tr("Exercises (*.json *.txt *.mid *.midi *.musicxml *.xml *.mxl)");
}

QList<KeyHint> stageKeys() {
    return {{PreparePlace::tr("Enter"), PreparePlace::tr("work on this part")},
            {QStringLiteral("W"), PreparePlace::tr("another way")},
            {PreparePlace::tr("Esc"), PreparePlace::tr("back to the controls")}};
}

QList<KeyHint> soundKeys() {
    return {{PreparePlace::tr("Enter"), PreparePlace::tr("do this step")},
            {PreparePlace::tr("Right"), PreparePlace::tr("skip it")},
            {PreparePlace::tr("Up Down"), PreparePlace::tr("another one")},
            {PreparePlace::tr("Esc"), PreparePlace::tr("back to the controls")}};
}

}  // namespace

QList<KeyHint> PreparePlace::keys() const {
    if (panel() == Editing) return editKeyHints().mid(0, 3) + QList{editKeyHints().last()};
    if (panel() == Sound) return soundKeys();
    if (panel() == Today) return TodayPanel::keys();
    if (panel() == Sets) return SetsPanel::keys();
    return panel() == Stages ? stageKeys() : Place::keys();
}

QList<KeySection> PreparePlace::allKeys(const QString& name) const {
    return Place::allKeys(name) + QList<KeySection>{{tr("%1, taking apart").arg(name), stageKeys()},
                                                    {tr("%1, sound check").arg(name), soundKeys()},
                                                    {tr("%1, today's plan").arg(name), TodayPanel::keys()},
                                                    {tr("%1, sets").arg(name), SetsPanel::keys()},
                                                    {tr("%1, writing").arg(name), editKeyHints()}};
}

void PreparePlace::addKeys() {
    addHiddenKey(Qt::CTRL | Qt::Key_F, [this] { m_search->setFocus(); });
    addKey(Qt::Key_Return, tr("Enter"), tr("to the stand"), [this] {
        if (panel() == Stages)
            m_stages->chooseCurrent();
        else if (panel() == Sound)
            m_sound->act();
        else if (panel() == Today)
            m_with.routine.begin();
        else if (panel() == Sets)
            m_setsPanel->setFocus();  // what was written is kept
        else
            Q_EMIT playWanted();
    });
    addKey(Qt::Key_D, QStringLiteral("D"), tr("today's plan"),
           [this] { showPanel(panel() == Today ? Controls : Today); });
    addKey(Qt::Key_BracketLeft, QStringLiteral("[ ]"), tr("tempo"),
           [this] { m_with.stand.setTempo(m_with.stand.ladder().tempoBpm - 1); });
    addHiddenKey(Qt::Key_BracketRight, [this] { m_with.stand.setTempo(m_with.stand.ladder().tempoBpm + 1); });
    addKey(Qt::CTRL | Qt::Key_I, tr("Ctrl I"), tr("sound check"),
           [this] { showPanel(panel() == Sound ? Controls : Sound); });
    addKey(Qt::Key_E, QStringLiteral("E"), tr("edit"), [this] { startWriting(); });
    addKey(Qt::Key_A, QStringLiteral("A"), tr("take apart"),
           [this] { showPanel(panel() == Stages ? Controls : Stages); });
    addKey(Qt::Key_P, QStringLiteral("P"), tr("hear it"), [this] { hear(); });
    addKey(Qt::Key_R, QStringLiteral("R"), tr("only these bars"), [this] {
        if (panel() == Controls) m_hear->practise();
    });
    addKey(Qt::Key_T, QStringLiteral("T"), tr("tap the tempo"), [this] { tap(); });
    addKey(Qt::CTRL | Qt::Key_N, tr("Ctrl N"), tr("new exercise"), [this] { newExercise(); });
    addKey(Qt::Key_V, QStringLiteral("V"), tr("fold the voices"), [this] { m_line->setFolded(!m_line->isFolded()); });
    addHiddenKey(Qt::Key_W, [this] {
        if (panel() == Stages) m_stages->turn(1);
        if (panel() == Today) m_today->swap();
    });
    addHiddenKey(Qt::Key_Escape, [this] { showPanel(Controls); });
    addKey(Qt::CTRL | Qt::Key_T, tr("Ctrl T"), tr("teach the kit"), [this] { teach(); });
    addKey(Qt::Key_PageUp, tr("PgUp PgDn"), tr("bars"), [this] { m_line->scrollBars(-1); });
    addHiddenKey(Qt::Key_PageDown, [this] { m_line->scrollBars(1); });
}

void PreparePlace::addTodayKeys() {
    addKey(Qt::CTRL | Qt::Key_D, tr("Ctrl D"), tr("into the plan, or out of it"), [this] {
        const Exercise& page = m_with.stand.whole();
        const bool isIn = !m_with.routine.isPlanned(page.id);
        m_with.routine.plan(page.id, isIn);
        m_with.notices.say((isIn ? tr("%1 is in the plan now.") : tr("%1 is out of the plan now."))
                               .arg(QString::fromStdString(page.title)));
    });
    const auto inToday = [this](int key, auto action) {
        addHiddenKey(static_cast<Qt::Key>(key), [this, action] {
            if (panel() == Today) action();
        });
    };
    addHiddenKey(Qt::Key_N, [this] {
        if (panel() == Today) m_with.routine.skip();
        if (panel() == Sets) m_setsPanel->add();
    });
    inToday(Qt::Key_Plus, [this] { m_today->lengthen(1); });
    inToday(Qt::Key_Minus, [this] { m_today->lengthen(-1); });
    addHiddenKey(Qt::Key_Delete, [this] {
        if (panel() == Today) m_today->leaveOut();
        if (panel() == Sets) m_setsPanel->remove();
    });
}

void PreparePlace::chooseSection(std::optional<int> section) {
    m_sections->choose(section);
    const auto& sections = m_sections->sections();
    if (!section || *section >= static_cast<int>(sections.size()))
        return m_hear->chooseBars(1, m_with.stand.exercise().bars);
    const SectionSpan& span = sections[static_cast<std::size_t>(*section)];
    m_hear->chooseBars(span.from, span.to);
    m_line->showBar(std::min(m_with.stand.exercise().bars, span.from + 3) - 1);
    m_line->showBar(span.from - 1);
}

void PreparePlace::addSetKeys() {
    const auto turn = [this](int steps) {
        if (const auto section = m_sections->beside(steps)) chooseSection(section);
    };
    addKey(Qt::CTRL | Qt::Key_PageDown, tr("Ctrl PgDn"), tr("section"), [turn] { turn(1); });
    addHiddenKey(Qt::CTRL | Qt::Key_PageUp, [turn] { turn(-1); });
    addKey(Qt::Key_S, QStringLiteral("S"), tr("sets with a day"),
           [this] { showPanel(panel() == Sets ? Controls : Sets); });
    addHiddenKey(Qt::Key_G, [this] {
        if (panel() == Sets) m_setsPanel->toggleStand();
    });
}

void PreparePlace::addFileKeys() {
    addHiddenKey(Qt::CTRL | Qt::Key_P, [this] { hear(); });
    addKey(Qt::CTRL | Qt::Key_O, tr("Ctrl O"), tr("open a file"), [this] {
        const QString file = QFileDialog::getOpenFileName(this, tr("Open an exercise"), {}, fileKinds());
        if (!file.isEmpty()) m_with.shelf.importFile(file);
    });
    addKey(Qt::CTRL | Qt::Key_S, tr("Ctrl S"), tr("save as a file"), [this] {
        const QString file = QFileDialog::getSaveFileName(this, tr("Save the exercise"), {}, fileKinds());
        if (!file.isEmpty()) m_with.shelf.exportFile(m_with.stand.exercise(), file);
    });
    addKey(Qt::CTRL | Qt::Key_Delete, tr("Ctrl Del"), tr("remove my exercise"), [this] {
        if (panel() == Controls) m_with.manuscript.forget();
    });
}

QWidget* PreparePlace::buildControls(QWidget* stand) {
    auto* controls = new QWidget(stand);
    auto* down = new QVBoxLayout(controls);
    down->setContentsMargins(0, 0, 0, 0);
    m_hear = new HearBar({m_with.stand, m_with.setup, m_with.playback}, controls);
    down->addWidget(m_hear);
    m_controls = new PracticeControls(
        {m_with.stand, m_with.setup, m_with.lessons, m_with.inputs, m_with.input, m_with.speaker}, controls);
    connect(m_controls, &PracticeControls::teachWanted, this, &PreparePlace::teach);
    down->addWidget(m_controls);
    down->addStretch();
    auto* rolling = new QScrollArea(stand);  // in a low window
    rolling->setWidget(controls);
    rolling->setWidgetResizable(true);
    rolling->setFrameShape(QFrame::NoFrame);
    rolling->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    rolling->setFocusPolicy(Qt::NoFocus);
    return rolling;
}

}  // namespace upbeat
