#include "log/log_place.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "log/log_delegate.h"
#include "log/open_recording_dialog.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

QString foundInWords(const std::vector<PlayedTime>& days, bool inTrash) {
    int takes = 0;
    for (const PlayedTime& day : days) takes += day.takes;
    const QString all = counted(takes, UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes"));
    if (!inTrash) return takes == 0 ? LogPlace::tr("No take is like that.") : LogPlace::tr("%1 found").arg(all);
    return takes == 0
               ? LogPlace::tr("The trash is empty: D leads back.")
               : LogPlace::tr("%1 in the trash: Enter puts back what is chosen, Ctrl+Del empties it, D leads back.")
                     .arg(all);
}

}  // namespace

LogPlace::LogPlace(const With& with, QWidget* parent)
    : Place(parent),
      m_with(with),
      m_model(new LogModel(this)),
      m_list(new QListView(this)),
      m_main(new QStackedWidget(this)),
      m_overTime(new OverTimeView({with.log, with.stand, with.shelf}, this)),
      m_twoTakes(new TwoTakesView({with.folder, with.playback, with.notices}, this)),
      m_totals(new QLabel(this)),
      m_find(new QLineEdit(this)),
      m_note(new NoteEdit(this)),
      m_terms(namesOfTerms()) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(10);
    m_totals->setFont(typeFace(Type::kLead));
    buildLines();
    buildList();
    layout->addWidget(m_totals);
    layout->addWidget(m_find);
    m_main->addWidget(m_list);
    m_main->addWidget(m_overTime);
    m_main->addWidget(m_twoTakes);
    layout->addWidget(m_main, 1);
    layout->addWidget(m_note);
    connect(&m_with.log, &TakeLog::changed, this, &LogPlace::refresh);
    connect(m_overTime, &OverTimeView::takeChosen, this, &LogPlace::open);
    addKey(Qt::Key_Return, tr("Enter"), tr("look at the take"), [this] { openCurrent(); });
    addTimeKeys();
    addOrderKeys();
    addTwoKeys();
    addKey(Qt::Key_O, QStringLiteral("O"), tr("measure a recording"), [this] { openRecordings({}); });
    addKey(Qt::Key_S, QStringLiteral("S"), tr("save a backup"), [this] { saveBackup(); });
    addKey(Qt::Key_I, QStringLiteral("I"), tr("bring in a backup"), [this] { bringInBackup(); });
    refresh();
}

void LogPlace::buildList() {
    m_list->setModel(m_model);
    m_list->setItemDelegate(new LogDelegate(m_list));
    m_list->setAccessibleName(tr("Takes by day"));
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    connect(m_list, &QListView::doubleClicked, this, &LogPlace::openCurrent);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, &LogPlace::showNote);
}

/// Where one types: what to find, and a note.
void LogPlace::buildLines() {
    m_find->setPlaceholderText(
        tr("Find: words, #tag, 96 or 90-110, 2026-11, since 2026-11-20, clean, left ghost early"));
    m_find->setAccessibleName(tr("Find takes"));
    m_find->setClearButtonEnabled(true);
    connect(m_find, &QLineEdit::textChanged, this, &LogPlace::refresh);
    m_note->setPlaceholderText(tr("A note on the chosen take, in Markdown"));
    m_note->setAccessibleName(tr("Note on the chosen take"));
    connect(m_note, &NoteEdit::written, this, &LogPlace::keepNote);
}

void LogPlace::saveBackup() {
    const QString name = QStringLiteral("upbeat-check-%1.zip").arg(QDate::currentDate().toString(Qt::ISODate));
    const QString file = QFileDialog::getSaveFileName(this, tr("Save a backup of everything"),
                                                      QDir::home().filePath(name), tr("Backups (*.zip)"));
    if (!file.isEmpty()) m_with.backups.save(file);
}

void LogPlace::bringInBackup() {
    const QString file = QFileDialog::getOpenFileName(this, tr("Bring in the takes of a backup"), QDir::homePath(),
                                                      tr("Backups (*.zip)"));
    if (!file.isEmpty()) m_with.backups.bringIn(file);
}

void LogPlace::openFiles(const QStringList& files) {
    QStringList recordings;
    for (const QString& file : files) {
        const QString ending = QFileInfo(file).suffix().toLower();
        if (ending == QStringLiteral("zip"))
            m_with.backups.bringIn(file);
        else if (ending == QStringLiteral("json"))
            m_with.letters.read(file);
        else
            recordings << file;
    }
    if (!recordings.isEmpty()) openRecordings(recordings);
}

void LogPlace::enter() {
    if (isOverTime()) return showOverTime(true);
    m_list->setFocus();
    if (m_with.review.take()) choose(m_with.review.take()->id);
}

void LogPlace::choose(qint64 id) {
    if (id <= 0) return;
    if (const int row = m_model->findTake(id); row >= 0) m_list->setCurrentIndex(m_model->index(row));
}

void LogPlace::refresh() {
    const PlayedTime week = m_with.log.total(QDate::currentDate().addDays(-6));
    const PlayedTime all = m_with.log.total();
    m_totals->setText(all.takes == 0 ? tr("Your takes will stand here, day by day.")
                                     : tr("%1 min played in the last seven days, %2 min in all, %3")
                                           .arg(week.seconds / 60, 0, 'f', 0)
                                           .arg(all.seconds / 60, 0, 'f', 0)
                                           .arg(counted(all.takes, UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes"))));
    const qint64 current = currentTake();
    const TakeSearch wanted = search();
    const auto days = m_with.log.days(wanted);
    m_model->show(days, [this, wanted](const std::optional<TakeMoment>& before, int most) {
        return m_with.log.page(before, most, wanted);
    });
    if (wanted != TakeSearch()) m_totals->setText(foundInWords(days, m_inTrash));
    choose(current);
}

qint64 LogPlace::currentTake() const {
    return m_list->currentIndex().data(LogModel::TakeIdRole).toLongLong();
}

void LogPlace::openCurrent() {
    if (m_find->hasFocus()) {  // what was found is gone through with the arrows
        if (currentTake() == 0) m_list->setCurrentIndex(m_model->index(1));
        return m_list->setFocus();
    }
    if (m_inTrash && !isOverTime()) return m_with.care.putBack(chosenTakes());
    open(isOverTime() ? m_overTime->chosenTake() : currentTake());
}

void LogPlace::open(qint64 id) {
    if (id <= 0) return;
    m_with.review.open(id);
    Q_EMIT lookWanted();
}

void LogPlace::addTimeKeys() {
    addKey(Qt::Key_V, QStringLiteral("V"), tr("over time"), [this] { showOverTime(!isOverTime()); });
    KeyGroup& time = m_timeKeys;
    time.hints = {{tr("Enter"), tr("look at the take")}, {QStringLiteral("V"), tr("takes by day")}};
    addKey(time, Qt::Key_Left, tr("Arrows"), tr("take"), [this] { m_overTime->choose(-1); });
    addKey(time, Qt::Key_Right, {}, {}, [this] { m_overTime->choose(1); });
    addKey(time, Qt::Key_M, QStringLiteral("M"), tr("next measure"), [this] { m_overTime->nextMeasure(); });
    addKey(time, Qt::Key_A, QStringLiteral("A"), tr("all exercises"), [this] { m_overTime->toggleAll(); });
}

bool LogPlace::isOverTime() const {
    return m_main->currentWidget() == m_overTime;
}

void LogPlace::showOverTime(bool over) {
    if (over) m_overTime->refresh();
    front(over ? static_cast<QWidget*>(m_overTime) : m_list);
}

void LogPlace::front(QWidget* view) {
    m_main->setCurrentWidget(view);
    m_note->setVisible(view == m_list);
    m_find->setVisible(view == m_list);
    view->setFocus();
    Q_EMIT keysChanged();
}

QList<KeyHint> LogPlace::keys() const {
    if (isComparing()) return m_twoKeys.hints;
    return isOverTime() ? m_timeKeys.hints : Place::keys();
}

QList<KeySection> LogPlace::allKeys(const QString& name) const {
    return {{name, Place::keys()},
            {tr("Order in the log"), m_orderKeys.hints},
            {tr("Two takes"), m_twoKeys.hints},
            {tr("Over time"), m_timeKeys.hints}};
}

void LogPlace::showNote() {
    m_note->setEnabled(currentTake() > 0);
    m_noteBefore = m_list->currentIndex().data(LogModel::NoteRole).toString();
    m_note->setNote(m_noteBefore);
}

void LogPlace::openRecordings(const QStringList& files) {
    OutsideRecording& outside = m_with.outside;
    if (files.isEmpty()) {
        outside.next();
    } else {
        outside.open(files);
    }
    if (findChild<OpenRecordingDialog*>() != nullptr) return;  // it shows them
    auto* dialog = new OpenRecordingDialog(outside, QString::fromStdString(m_with.stand.exercise().title), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this, &LogPlace::lookWanted);
    connect(dialog, &QDialog::rejected, &outside, &OutsideRecording::close);
    dialog->open();
}

}  // namespace upbeat
