#include "log/log_place.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

#include "log/open_recording_dialog.h"
#include "theme/theme.h"
#include "theme/words.h"

namespace upbeat {

namespace {

class LogDelegate : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;

    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& /*option*/, const QModelIndex& index) const override {
        return {100, index.data(LogModel::IsDayRole).toBool() ? 48 : 40};
    }

    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Theme& theme = Theme::of(option.palette);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const QRectF box = QRectF(option.rect).adjusted(6, 1, -6, -1);
        if (index.data(LogModel::IsDayRole).toBool())
            paintDay(*painter, theme, box, index);
        else
            paintTake(*painter, theme, box, index, option.state.testFlag(QStyle::State_Selected));
        painter->restore();
    }

  private:
    static void paintDay(QPainter& painter, const Theme& theme, const QRectF& box, const QModelIndex& index) {
        painter.setFont(typeFace(Type::kLead, true));
        painter.setPen(theme.ink);
        painter.drawText(box.adjusted(10, 8, 0, 0), Qt::AlignVCenter, index.data().toString());
        painter.setFont(typeFace(Type::kSmall));
        painter.setPen(theme.inkSoft);
        painter.drawText(box.adjusted(0, 8, -14, 0), Qt::AlignVCenter | Qt::AlignRight,
                         index.data(LogModel::DetailRole).toString());
    }

    static void paintTake(QPainter& painter, const Theme& theme, const QRectF& box, const QModelIndex& index,
                          bool chosen) {
        if (chosen) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(theme.target);
            painter.drawRoundedRect(box, 6, 6);
        }
        const bool clean = index.data(LogModel::CleanRole).toBool();
        const QPointF foot(box.left() + 24, box.bottom() - 9);
        const QColor ink = clean ? theme.ink : theme.late;
        painter.setPen(QPen(ink, 3.2, Qt::SolidLine, Qt::RoundCap));
        painter.drawLine(foot, foot + QPointF(clean ? 0 : -7, -20));
        painter.setPen(QPen(ink, 1.6));
        painter.setBrush(clean ? ink : theme.surface);
        painter.drawEllipse(foot, 3.4, 3.4);
        painter.setFont(typeFace(Type::kText, chosen));
        painter.setPen(theme.ink);
        painter.drawText(box.adjusted(50, 0, -box.width() * 0.45, 0), Qt::AlignVCenter, index.data().toString());
        painter.setFont(typeFace(Type::kText));
        painter.setPen(theme.inkSoft);
        painter.drawText(box.adjusted(box.width() * 0.55, 0, -14, 0), Qt::AlignVCenter | Qt::AlignLeft,
                         index.data(LogModel::DetailRole).toString());
    }
};

}  // namespace

LogPlace::LogPlace(const With& with, QWidget* parent)
    : Place(parent),
      m_with(with),
      m_model(new LogModel(this)),
      m_list(new QListView(this)),
      m_main(new QStackedWidget(this)),
      m_overTime(new OverTimeView({with.log, with.stand, with.shelf}, this)),
      m_totals(new QLabel(this)),
      m_note(new QLineEdit(this)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(10);
    m_totals->setFont(typeFace(Type::kLead));
    m_list->setModel(m_model);
    m_list->setItemDelegate(new LogDelegate(m_list));
    m_list->setAccessibleName(tr("Takes by day"));
    m_note->setPlaceholderText(tr("A note on the chosen take"));
    m_note->setAccessibleName(tr("Note on the chosen take"));
    m_note->setMaxLength(500);
    layout->addWidget(m_totals);
    m_main->addWidget(m_list);
    m_main->addWidget(m_overTime);
    layout->addWidget(m_main, 1);
    layout->addWidget(m_note);
    connect(m_list, &QListView::doubleClicked, this, &LogPlace::openCurrent);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, &LogPlace::showNote);
    connect(m_note, &QLineEdit::editingFinished, this, [this] {
        const qint64 id = currentTake();
        if (id > 0 && m_note->isModified()) m_with.log.setNote(id, m_note->text());
        m_note->setModified(false);
    });
    connect(&m_with.log, &TakeLog::changed, this, &LogPlace::refresh);
    connect(m_overTime, &OverTimeView::takeChosen, this, &LogPlace::open);
    addKey(Qt::Key_Return, tr("Enter"), tr("look at the take"), [this] { openCurrent(); });
    addTimeKeys();
    addKey(Qt::Key_O, QStringLiteral("O"), tr("measure a recording"), [this] { openRecordings({}); });
    addKey(Qt::Key_S, QStringLiteral("S"), tr("save a backup"), [this] { saveBackup(); });
    addKey(Qt::Key_I, QStringLiteral("I"), tr("bring in a backup"), [this] { bringInBackup(); });
    refresh();
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
    m_model->show(m_with.log.days(),
                  [this](const std::optional<TakeMoment>& before, int most) { return m_with.log.page(before, most); });
    choose(current);
}

qint64 LogPlace::currentTake() const {
    return m_list->currentIndex().data(LogModel::TakeIdRole).toLongLong();
}

void LogPlace::openCurrent() {
    open(isOverTime() ? m_overTime->chosenTake() : currentTake());
}

void LogPlace::open(qint64 id) {
    if (id <= 0) return;
    m_with.review.open(id);
    Q_EMIT lookWanted();
}

void LogPlace::addTimeKeys() {
    addKey(Qt::Key_V, QStringLiteral("V"), tr("over time"), [this] { showOverTime(!isOverTime()); });
    m_timeKeys = {{tr("Enter"), tr("look at the take")}, {QStringLiteral("V"), tr("takes by day")}};
    const auto add = [this](const QKeySequence& key, const QString& shown, const QString& what, auto action) {
        addHiddenKey(key, [this, action] {
            if (isOverTime()) action();
        });
        if (!shown.isEmpty()) m_timeKeys.append({shown, what});
    };
    add(Qt::Key_Left, tr("Arrows"), tr("take"), [this] { m_overTime->choose(-1); });
    add(Qt::Key_Right, {}, {}, [this] { m_overTime->choose(1); });
    add(Qt::Key_M, QStringLiteral("M"), tr("next measure"), [this] { m_overTime->nextMeasure(); });
    add(Qt::Key_A, QStringLiteral("A"), tr("all exercises"), [this] { m_overTime->toggleAll(); });
}

bool LogPlace::isOverTime() const {
    return m_main->currentWidget() == m_overTime;
}

void LogPlace::showOverTime(bool over) {
    if (over) m_overTime->refresh();
    m_main->setCurrentWidget(over ? static_cast<QWidget*>(m_overTime) : m_list);
    m_note->setVisible(!over);
    over ? m_overTime->setFocus() : m_list->setFocus();
    Q_EMIT keysChanged();
}

QList<KeyHint> LogPlace::keys() const {
    return isOverTime() ? m_timeKeys : Place::keys();
}

QList<KeySection> LogPlace::allKeys(const QString& name) const {
    return {{name, Place::keys()}, {tr("Over time"), m_timeKeys}};
}

void LogPlace::showNote() {
    m_note->setEnabled(currentTake() > 0);
    m_note->setText(m_list->currentIndex().data(LogModel::NoteRole).toString());
    m_note->setModified(false);
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
