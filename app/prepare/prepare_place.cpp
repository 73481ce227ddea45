#include "prepare/prepare_place.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QScrollArea>
#include <QVBoxLayout>

#include "prepare/edit_keys.h"
#include "prepare/exercise_delegate.h"
#include "prepare/panel_stack.h"
#include "theme/theme.h"
#include "theme/words.h"
#include "upbeat/music/transform.h"

namespace upbeat {

namespace {

/// What it is good for, and which hand works more where one does.
QString leadOf(const Exercise& e) {
    QString trains = QString::fromStdString(e.trains);
    const auto work = workOfLimbs(e);
    const int right = work[static_cast<std::size_t>(Limb::RightHand)];
    const int left = work[static_cast<std::size_t>(Limb::LeftHand)];
    constexpr int kWorthSaying = 5;  // a fifth of all strokes
    if (right == 0 || left == 0 || kWorthSaying * std::abs(right - left) < right + left) return trains;
    return PreparePlace::tr("%1 Right hand %2, left hand %3.").arg(trains).arg(right).arg(left);
}

}  // namespace

PreparePlace::PreparePlace(const With& with, QWidget* parent)
    : Place(parent), m_with(with), m_model(new ExerciseModel(this)), m_filter(new ExerciseFilter(this)) {
    m_filter->setSourceModel(m_model);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(18);
    layout->addWidget(buildList(), 2);
    layout->addWidget(buildStand(), 5);
    m_model->setExercises(m_with.shelf.exercises());
    connect(&m_with.stand, &Stand::exerciseChanged, this, &PreparePlace::showExercise);
    connect(&m_with.shelf, &Shelf::changed, this, [this] {
        m_model->setExercises(m_with.shelf.exercises());
        showExercise();
    });
    connect(&m_with.log, &TakeLog::changed, this, &PreparePlace::showCleanTempos);
    addKeys();
    addTodayKeys();
    addSetKeys();
    addFileKeys();
    connect(&m_with.manuscript, &Manuscript::closed, this, [this] {
        if (panel() == Editing) showPanel(Controls);
    });
    showExercise();
    showCleanTempos();
}

QWidget* PreparePlace::buildList() {
    auto* side = new QWidget(this);
    side->setMinimumWidth(190);
    side->setMaximumWidth(330);
    auto* layout = new QVBoxLayout(side);
    layout->setContentsMargins(0, 0, 0, 0);
    m_search = new QLineEdit(side);
    m_search->setPlaceholderText(tr("Search exercises"));
    m_search->setAccessibleName(tr("Search exercises"));
    m_search->setClearButtonEnabled(true);
    connect(m_search, &QLineEdit::textChanged, m_filter, &ExerciseFilter::setSearch);
    m_list = new QListView(side);
    m_list->setModel(m_filter);
    m_list->setItemDelegate(new ExerciseDelegate(m_list));
    m_list->setAccessibleName(tr("Exercises"));
    m_list->setUniformItemSizes(true);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
        if (now.isValid()) m_with.stand.choose(now.data(ExerciseModel::IdRole).toString().toStdString());
    });
    auto* kind = new QComboBox(side);
    kind->setAccessibleName(tr("Kind of exercise"));
    for (const auto& [name, tag] : ExerciseFilter::kinds()) kind->addItem(name, tag);
    connect(kind, &QComboBox::currentIndexChanged, this,
            [this, kind] { m_filter->setTag(kind->currentData().toString()); });
    auto* strip = new PlanStrip(m_with.routine, side);
    connect(strip, &PlanStrip::opened, this, [this] { showPanel(Today); });
    layout->addWidget(strip);
    layout->addWidget(m_search);
    layout->addWidget(kind);
    layout->addWidget(m_list, 1);
    return side;
}

QWidget* PreparePlace::buildStand() {
    auto* stand = new QWidget(this);
    auto* layout = new QVBoxLayout(stand);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(14);
    m_trains = new QLabel(stand);
    m_trains->setFont(typeFace(Type::kLead));
    m_trains->setWordWrap(true);
    m_line = new CountLineEditor(m_with.manuscript, stand);
    m_line->setMinimumHeight(150);
    m_line->setMaximumHeight(440);
    m_edit = new EditPanel(m_with.manuscript, stand);
    connect(m_edit, &EditPanel::sectionWanted, this, &PreparePlace::appendSection);
    connect(m_edit, &EditPanel::pageWanted, m_line, qOverload<>(&QWidget::setFocus));
    m_stages = new StagesPanel({m_with.stand, m_with.takingApart}, stand);
    m_sound = new SoundCheckPanel(m_with.soundCheck, stand);
    connect(m_sound, &SoundCheckPanel::left, this, &PreparePlace::leaveSoundCheck);
    QWidget* rolling = buildControls(stand);
    m_panels = new PanelStack(stand);
    m_today = new TodayPanel(m_with.routine, stand);
    m_setsPanel = new SetsPanel(m_with.sets, m_with.shelf, m_with.stand, stand);
    for (QWidget* panel : std::initializer_list<QWidget*>{rolling, m_edit, m_stages, m_sound, m_today, m_setsPanel})
        m_panels->addWidget(panel);
    m_sections = new SectionStrip(stand);
    connect(m_sections, &SectionStrip::sectionChosen, this, &PreparePlace::chooseSection);
    connect(m_sections, &SectionStrip::barsDragged, this, [this](int from, int to) {
        m_sections->choose(std::nullopt);
        m_hear->chooseBars(from, to);
        m_line->showBar(from - 1);
    });
    layout->addWidget(m_trains);
    layout->addWidget(m_sections);
    layout->addWidget(m_line, 4);
    layout->addWidget(m_panels, 3);
    connect(m_line, &CountLineEditor::left, &m_with.manuscript, &Manuscript::close);
    connect(m_stages, &StagesPanel::chosen, this, &PreparePlace::playWanted);
    return stand;
}

/// Its last step is a take of its own: the voices of a kit are taught by playing them.
void PreparePlace::leaveSoundCheck() {
    showPanel(Controls);
    if (m_with.lessons.canTeach() && !m_with.lessons.isTaught())
        m_with.notices.say(tr(
            "This page has several drums: Ctrl+T teaches the microphone to tell them apart, in less than a minute."));
}

void PreparePlace::showPanel(Panel panel) {
    m_panels->setCurrentIndex(panel);
    if (panel != Editing) m_with.manuscript.close();
    m_line->setVisible(panel != Sound && panel != Today);
    m_line->setMaximumHeight(panel == Stages ? 240 : 440);
    m_line->setMinimumHeight(150);
    m_trains->setVisible(panel == Controls || panel == Stages);
    if (panel == Stages) m_stages->refresh();
    if (panel == Controls) showExercise();
    if (panel == Stages)
        m_stages->setFocus();
    else if (panel == Sound)
        m_sound->setFocus();
    else if (panel == Today)
        m_today->setFocus();
    else if (panel == Sets)
        m_setsPanel->setFocus();
    else if (panel == Controls)
        m_list->setFocus();
    if (panel == Sets) m_setsPanel->enter();
    Q_EMIT keysChanged();
}

/// Our own exercises stay as they are: what is written goes into a copy.
void PreparePlace::startWriting() {
    if (m_with.manuscript.isOpen()) return;
    m_with.manuscript.open(tr("%1, own"));
    if (!m_with.manuscript.isOpen()) return;
    showPanel(Editing);
    m_line->setMinimumHeight(70 + 30 * static_cast<int>(m_with.manuscript.editor().rows().size()));
    m_line->setFocus();
}

/// Form is written by putting exercises one behind the other.
void PreparePlace::appendSection() {
    QStringList titles;
    for (const Exercise& e : m_with.shelf.exercises()) titles << QString::fromStdString(e.title);
    bool chosen = false;
    const QString title =
        QInputDialog::getItem(this, tr("Another exercise behind it"),
                              tr("Which one is played next (Ctrl R repeats it):"), titles, 0, false, &chosen);
    const auto index = titles.indexOf(title);
    if (!chosen || index < 0) return;
    const QString complaint = m_edit->append(m_with.shelf.exercises()[static_cast<std::size_t>(index)]);
    if (!complaint.isEmpty()) m_with.notices.say(complaint);
    m_line->setFocus();
}

void PreparePlace::newExercise() {
    m_with.manuscript.close();
    Exercise page;
    page.title = tr("New exercise").toStdString();
    page.trains = tr("Written by you.").toStdString();
    page.tags = {"own"};
    m_with.manuscript.start(page);
    startWriting();
}

void PreparePlace::teach() {
    m_with.lessons.teach();
    if (m_with.stand.isPart()) Q_EMIT playWanted();
}

void PreparePlace::tap() {
    if (!m_tapClock.isValid()) m_tapClock.start();
    tapAt(static_cast<double>(m_tapClock.elapsed()) * 1e-3);
}

void PreparePlace::tapAt(double seconds) {
    m_taps.push_back(seconds);
    if (const auto tempo = tempoOfTaps(m_taps)) m_with.stand.setTempo(*tempo);
}

/// While writing: what is selected, or the bar of the pen.
void PreparePlace::hear() {
    std::optional<FreeSpan> span;
    if (m_with.manuscript.isOpen()) span = m_with.manuscript.editor().span();
    m_hear->hear(span);
}

void PreparePlace::enter() {
    m_with.routine.keepFresh();
    panel() == Today ? m_today->setFocus() : m_list->setFocus();
}

void PreparePlace::showExercise() {
    const Exercise& e = m_with.stand.exercise();
    m_trains->setText(leadOf(e));
    m_line->setLevels(pageLevelsIn(m_with.setup));
    if (!m_with.manuscript.isOpen()) m_line->setExercise(e);
    if (panel() == Stages) m_stages->refresh();
    const bool isOther = m_sectionsOf != e.id || m_sections->sections() != sectionsOf(e);
    if (isOther) m_sections->show(e);
    m_sectionsOf = e.id;
    m_hear->refresh();
    const int row = m_filter->rowOf(QString::fromStdString(e.id));
    if (row >= 0 && m_list->currentIndex().row() != row) m_list->setCurrentIndex(m_filter->index(row, 0));
    m_controls->refresh();
}

void PreparePlace::showCleanTempos() {
    QHash<QString, double> clean;
    for (const auto& [id, tempoBpm] : m_with.log.cleanTempos()) clean[QString::fromStdString(id)] = tempoBpm;
    m_model->setCleanTempos(clean);
}

}  // namespace upbeat
