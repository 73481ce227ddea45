#include "shell/main_window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "climb/climb_place.h"
#include "log/log_place.h"
#include "look/look_place.h"
#include "place/verdict_bar.h"
#include "play/play_place.h"
#include "prepare/prepare_place.h"
#include "shell/drop_target.h"
#include "shell/help_sheet.h"
#include "shell/keys_dialog.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

MainWindow::MainWindow(Studio& studio)
    : m_studio(studio),
      m_spine(new Spine(this)),
      m_header(new HeaderBar(this)),
      m_footer(new FooterBar(this)),
      m_notices(new NoticeBar(this)),
      m_guide(new Guide(studio, this)),
      m_stack(new QStackedWidget(this)) {
    setWindowTitle(tr("Upbeat Check"));
    setWindowIcon(QIcon(QStringLiteral(":/icons/app.svg")));
    setMinimumSize(820, 560);
    resize(1280, 800);
    auto* centre = new QWidget(this);
    auto* across = new QHBoxLayout(centre);
    across->setContentsMargins(0, 0, 0, 0);
    across->setSpacing(0);
    auto* page = new QWidget(centre);
    auto* down = new QVBoxLayout(page);
    down->setContentsMargins(24, 6, 24, 4);
    down->setSpacing(8);
    down->addWidget(m_header);
    down->addWidget(m_notices);
    down->addWidget(m_guide);
    connect(m_guide, &Guide::placeWanted, this, &MainWindow::go);
    down->addWidget(m_stack, 1);
    down->addWidget(m_footer);
    across->addWidget(m_spine);
    across->addWidget(page, 1);
    setCentralWidget(centre);
    buildPlaces();
    buildKeys();
    connectStudio();
    go(Prepare);
}

void MainWindow::buildPlaces() {
    Studio& s = m_studio;
    auto* prepare = new PreparePlace(
        {s.shelf(), s.stand(), s.manuscript(), s.takingApart(), s.lessons(), s.setup(), s.inputs(), s.input(),
         s.soundCheck(), s.playback(), s.log(), s.routine(), s.sets(), s.speaker(), s.notices()},
        m_stack);
    auto* play = new PlayPlace({s.stand(), s.recorder(), s.handsFree(), s.routine(), s.nextSteps(), s.setup(),
                                s.input(), s.review(), s.footSwitch(), s.notices()},
                               m_stack);
    auto* look = new LookPlace({s.review(), s.nextSteps(), s.playback(), s.stand(), s.setup(), s.letters()}, m_stack);
    auto* climb = new ClimbPlace({s.stand(), s.review(), s.nextSteps(), s.recorder(), s.handsFree(), s.log(),
                                  s.limits(), s.setup(), s.notices()},
                                 m_stack);
    auto* log = new LogPlace({s.log(), s.review(), s.outsideRecording(), s.stand(), s.backups(), s.letters(), s.shelf(),
                              s.logCare(), s.playback(), s.folder(), s.notices()},
                             m_stack);
    new DropTarget(this, [this, log](const QStringList& files) { go(Log), log->openFiles(files); });
    m_places = {prepare, play, look, climb, log};
    for (qsizetype i = 0; i < m_places.size(); ++i) {
        m_places[i]->setAccessibleName(Spine::names().at(i));  // it takes keys: a reader says where one is
        m_stack->addWidget(m_places[i]);
        connect(m_places[i], &Place::keysChanged, this, &MainWindow::refreshFooter);
    }
    connect(prepare, &PreparePlace::playWanted, this, [this] { go(Play); });
    connect(log, &LogPlace::lookWanted, this, [this] { go(Look); });
    connect(&s.letters(), &Letters::entered, this, [this] { go(Look); });
    connect(m_spine, &Spine::chosen, this, &MainWindow::go);
}

void MainWindow::addGlobalKey(const QKeySequence& sequence, const QString& shown, const QString& what,
                              std::function<void()> action) {
    auto* shortcut = new QShortcut(KeyMap::now().of(sequence), this);
    connect(shortcut, &QShortcut::activated, this, std::move(action));
    m_globalKeys.append(hintOf(sequence, shown, what));
}

void MainWindow::buildKeys() {
    addGlobalKey(Qt::Key_Space, tr("Space"), tr("start or stop a take"), [this] { toggleTake(); });
    for (int i = 0; i < Spine::names().size(); ++i)
        addGlobalKey(QKeySequence(static_cast<Qt::Key>(Qt::Key_F2 + i)), QStringLiteral("F%1").arg(i + 2),
                     Spine::names().at(i), [this, i] { go(i); });
    addGlobalKey(Qt::Key_F1, QStringLiteral("F1"), tr("help"), [this] { showHelp(); });
    addGlobalKey(Qt::Key_F9, QStringLiteral("F9"), tr("light, dark, high contrast"),
                 [this] { applyTheme(Theme::of(palette()).next()); });
    addGlobalKey(Qt::Key_F10, QStringLiteral("F10"), tr("still: what moves goes from beat to beat"),
                 [this] { toggleStill(); });
    addGlobalKey(Qt::Key_F11, QStringLiteral("F11"), tr("whole screen"),
                 [this] { isFullScreen() ? showNormal() : showFullScreen(); });
    addGlobalKey(Qt::Key_B, QStringLiteral("B"), tr("from a drill back to the whole"),
                 [this] { m_studio.stand().backToWhole(); });
    addGlobalKey(Qt::CTRL | Qt::Key_Q, tr("Ctrl Q"), tr("leave"), [this] { close(); });
}

void MainWindow::toggleStill() {
    PracticeSettings settings = m_studio.setup().settings();
    settings.still = !settings.still;
    m_studio.setup().change(settings);
    m_studio.notices().say(settings.still ? tr("What moves goes from beat to beat.") : tr("What moves may move."));
}

void MainWindow::connectStudio() {
    const auto refresh = [this] {
        refreshHeader();
        refreshFooter();
    };
    connect(&m_studio.stand(), &Stand::exerciseChanged, this, refresh);
    connect(&m_studio.stand(), &Stand::ladderChanged, this, refresh);
    connect(&m_studio.setup(), &Setup::changed, this, refresh);
    connect(&m_studio.handsFree(), &HandsFree::changed, this, refresh);
    connect(&m_studio.routine(), &Routine::changed, this, refresh);
    connect(&m_studio.input(), &AudioInput::opened, this, refresh);
    connect(&m_studio.recorder(), &Recorder::waiting, this, [this] {
        if (m_studio.recorder().isWaiting()) go(Play);
        refreshFooter();
    });
    connect(&m_studio.recorder(), &Recorder::started, this, [this] {
        m_notices->setQuiet(true);
        go(Play);
    });
    connect(&m_studio.recorder(), &Recorder::stopped, this, [this] {
        m_notices->setQuiet(false);
        refreshFooter();
    });
    connect(&m_studio.review(), &Review::opened, this, [this, refresh] {
        refresh();
        if (current() == Play && !m_studio.handsFree().isOn()) go(Look);
    });
    connect(&m_studio.lessons(), &Lessons::learned, this, [this] { go(Prepare); });
    connect(&m_studio.notices(), &Notices::failed, m_notices, &NoticeBar::complain);
    connect(&m_studio.notices(), &Notices::said, m_notices, &NoticeBar::say);
    m_studio.notices().startListening();
}

void MainWindow::go(int place) {
    m_stack->setCurrentIndex(place);
    m_spine->setCurrent(place);
    m_places.at(place)->enter();
    m_guide->cameTo(place);
    m_studio.inputs().keepFresh(place == Prepare && !m_studio.recorder().isRecording());
    refreshHeader();
    refreshFooter();
}

bool MainWindow::isTaking() const {
    return m_studio.recorder().isRecording() || m_studio.recorder().isWaiting();
}

void MainWindow::toggleTake() {
    if (m_studio.recorder().isEnding()) return;  // its last samples are on their way
    if (m_studio.handsFree().isResting())
        m_studio.handsFree().set(false);
    else if (isTaking())
        m_studio.recorder().stop();
    else
        m_studio.recorder().start();
    refreshFooter();
}

void MainWindow::showHelp() {
    QList<KeySection> sections{{tr("Everywhere"), m_globalKeys}};
    QList<KeyHint> sound;
    for (const Error& refusal : m_studio.inputs().found().refusals) sound.append({{}, sentenceOf(refusal)});
    if (!sound.isEmpty()) sections.append({tr("Sound servers that cannot be used"), sound});
    for (int i = 0; i < m_places.size(); ++i) sections += m_places.at(i)->allKeys(Spine::names().at(i));
    HelpSheet sheet(m_places.at(current()), Spine::names().at(current()), sections, this);
    sheet.offerLanguages(m_studio.setup().settings().language);
    connect(&sheet, &HelpSheet::languageChosen, this, &MainWindow::languageChosen);
    connect(&sheet, &HelpSheet::guideWanted, m_guide, &Guide::begin);
    connect(&sheet, &HelpSheet::keysWanted, this, [this, sections] {
        KeysDialog(sections, this).exec();
        if (KeyMap::now().toSettings() != m_studio.setup().settings().ownKeys) Q_EMIT keysChosen();
    });
    sheet.exec();
}

void MainWindow::applyTheme(const Theme& theme) {
    QApplication::setPalette(theme.palette());
    qApp->setStyleSheet(theme.styleSheet());
}

void MainWindow::greet() {
    if (const auto left = m_studio.keeper().interrupted(); !left.empty()) {
        m_notices->ask(
            counted(
                static_cast<int>(left.size()),
                UPBEAT_TEXT("A take was interrupted before it was finished. What was recorded can be saved."),
                UPBEAT_TEXT_N("%n takes were interrupted before they were finished. What was recorded can be saved.")),
            tr("Save"), [this] { m_studio.keeper().recoverInterrupted(); }, tr("Delete"),
            [this] { m_studio.keeper().discardInterrupted(); });
        return;
    }
    if (m_studio.setup().settings().careShown) return offerSoundCheck();
    m_notices->ask(
        tr("Protect your hearing, keep a click in headphones low, take breaks, and stop when something hurts; what "
           "does not pass belongs to a doctor or a qualified teacher. "
           "Without a microphone the simulated player plays for you: press Space."),
        tr("Understood"),
        [this] {
            PracticeSettings settings = m_studio.setup().settings();
            settings.careShown = true;
            m_studio.setup().change(settings);
            offerSoundCheck();
        },
        {}, nullptr);
}

/// Once, before an input was ever chosen.
void MainWindow::offerSoundCheck() {
    if (m_studio.setup().settings().inputChosen || m_studio.simulatedCounts()) return;
    m_notices->ask(
        tr("Which microphone or kit do you play? The sound check finds out in two minutes. Without one the simulated "
           "player plays for you."),
        tr("Sound check"), [this] { showSoundCheck(); }, tr("Simulated player"),
        [this] {
            PracticeSettings settings = m_studio.setup().settings();
            settings.inputChosen = true;
            m_studio.setup().change(settings);
        });
}

void MainWindow::showSoundCheck() {
    go(Prepare);
    if (auto* prepare = qobject_cast<PreparePlace*>(m_places.at(Prepare))) prepare->showPanel(PreparePlace::Sound);
}

void MainWindow::closeEvent(QCloseEvent* event) {
    m_studio.settle();  // a take that runs is kept: ending the program is ending the take
    event->accept();
}

}  // namespace upbeat
