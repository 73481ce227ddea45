// Order in the log: finding, tags, the trash, files for others.
#include <QDir>
#include <QFileDialog>
#include <QInputDialog>
#include <QMessageBox>

#include "log/disk_dialog.h"
#include "log/log_place.h"
#include "theme/words.h"

namespace upbeat {

namespace {

QString ownNameOf(std::string_view name) {
    return QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size()));
}

}  // namespace

/// What hands, classes, voices and kinds of findings are called in the player's language.
QMap<QString, QString> LogPlace::namesOfTerms() {
    QMap<QString, QString> names;
    const auto add = [&names](auto what) {
        const QString own = ownNameOf(toName(what));
        for (const QString& word : inWords(words::nameOf(what)).toLower().split(QLatin1Char(' ')))
            if (word.size() > 2) names.insert(word, own);
    };
    for (int voice = 0; voice < kVoiceCount; ++voice) add(static_cast<Voice>(voice));
    for (const Level level : {Level::Ghost, Level::Tap, Level::Accent}) add(level);
    names.insert(tr("early"), ownNameOf(toName(FindingKind::Early)));
    names.insert(tr("late"), ownNameOf(toName(FindingKind::Late)));
    names.insert(tr("loud"), ownNameOf(toName(FindingKind::Loud)));
    names.insert(tr("soft"), ownNameOf(toName(FindingKind::Soft)));
    names.insert(tr("uneven"), ownNameOf(toName(FindingKind::Uneven)));
    names.insert(tr("missed"), ownNameOf(toName(FindingKind::Missed)));
    names.insert(tr("drift"), ownNameOf(toName(FindingKind::Drift)));
    names.insert(tr("left"), ownNameOf(toName(Limb::LeftHand)));
    names.insert(tr("right"), ownNameOf(toName(Limb::RightHand)));
    for (const QString& own : searchTerms()) names.insert(own, own);  // as in files
    return names;
}

TakeSearch LogPlace::search() const {
    TakeSearch wanted = searchFromText(m_find->text(), m_terms);
    wanted.inTrash = m_inTrash;
    return wanted;
}

std::vector<qint64> LogPlace::chosenTakes() const {
    std::vector<qint64> takes;
    for (const QModelIndex& index : m_list->selectionModel()->selectedIndexes())
        if (const qint64 id = index.data(LogModel::TakeIdRole).toLongLong(); id > 0) takes.push_back(id);
    return takes;
}

void LogPlace::keepNote() {
    const qint64 id = currentTake();
    if (id > 0) m_with.care.setNote(id, m_note->note(), m_noteBefore);
    m_noteBefore = m_note->note();
}

void LogPlace::askForTags() {
    const auto takes = chosenTakes();
    if (takes.empty()) return;
    bool isGiven = false;
    const QString text =
        QInputDialog::getText(this, tr("Tags"), tr("Words between blanks; the chosen takes have these from now on:"),
                              QLineEdit::Normal, m_list->currentIndex().data(LogModel::TagsRole).toString(), &isGiven);
    if (isGiven) m_with.care.setTags(takes, text);
}

void LogPlace::removeChosen() {
    if (!m_inTrash) m_with.care.remove(chosenTakes());
}

void LogPlace::toggleTrash() {
    m_inTrash = !m_inTrash;
    refresh();
    m_list->setFocus();
}

void LogPlace::exportChosen() {
    const auto takes = chosenTakes();
    if (takes.empty()) return;
    const QString folder =
        QFileDialog::getExistingDirectory(this, tr("Write the chosen takes into a folder"), QDir::homePath());
    if (!folder.isEmpty()) m_with.care.exportTakes(takes, folder);
}

bool LogPlace::isComparing() const {
    return m_main->currentWidget() == m_twoTakes;
}

void LogPlace::compareChosen() {
    if (isComparing()) {
        m_with.playback.stop();
        return front(m_list);
    }
    const auto takes = chosenTakes();
    if (takes.size() != 2)
        return m_with.notices.say(tr("Choose two takes first: Ctrl and a click, or Shift and an arrow."));
    compare(takes[0], takes[1]);
}

void LogPlace::compare(qint64 one, qint64 other) {
    m_twoTakes->open(one, other);
    front(m_twoTakes);
}

void LogPlace::addTwoKeys() {
    addHiddenKey(Qt::Key_C, [this] {
        if (!isOverTime()) compareChosen();
    });
    m_orderKeys.hints.append(hintOf(Qt::Key_C, QStringLiteral("C"), tr("compare two chosen takes")));
    KeyGroup& two = m_twoKeys;
    addKey(two, Qt::Key_H, QStringLiteral("H"), tr("hear"), [this] { m_twoTakes->hear(); });
    addKey(two, Qt::Key_N, QStringLiteral("N"), tr("the other from the same bar"), [this] { m_twoTakes->hearOther(); });
    addKey(two, Qt::Key_BracketRight, QStringLiteral("[ ]"), tr("bar"), [this] { m_twoTakes->moveBar(1); });
    addKey(two, Qt::Key_BracketLeft, {}, {}, [this] { m_twoTakes->moveBar(-1); });
    two.hints.append({QStringLiteral("C"), tr("back to the list")});
}

void LogPlace::addOrderKeys() {
    KeyGroup& order = m_orderKeys;
    addKey(Qt::Key_F, QStringLiteral("F"), tr("find"), [this] { m_find->setFocus(); });
    order.hints.append({tr("Shift+arrows"), tr("choose several takes")});  // the list itself has them
    addKey(order, Qt::Key_T, QStringLiteral("T"), tr("tags of the chosen takes"), [this] { askForTags(); });
    addKey(order, Qt::Key_Delete, tr("Del"), tr("to the trash"), [this] { removeChosen(); });
    addKey(order, Qt::CTRL | Qt::Key_Z, tr("Ctrl+Z"), tr("take back"), [this] { m_with.care.undo(); });
    addKey(order, Qt::Key_D, QStringLiteral("D"), tr("the trash"), [this] { toggleTrash(); });
    addKey(order, Qt::CTRL | Qt::Key_Delete, tr("Ctrl+Del"), tr("empty the trash"), [this] { emptyTrash(); });
    addKey(order, Qt::Key_X, QStringLiteral("X"), tr("chosen takes as files"), [this] { exportChosen(); });
    addKey(order, Qt::Key_W, QStringLiteral("W"), tr("report of the chosen takes"), [this] { reportChosen(); });
    addKey(order, Qt::SHIFT | Qt::Key_W, tr("Shift+W"), tr("report of the week"), [this] { reportWeek(); });
    addKey(order, Qt::Key_K, QStringLiteral("K"), tr("what the recordings take of the disk"),
           [this] { DiskDialog(m_with.care, m_with.care.soundMonths(), this).exec(); });
}

void LogPlace::emptyTrash() {
    const auto sure = tr("Throw away everything in the trash, recordings and all? This cannot be taken back.");
    if (m_inTrash && QMessageBox::question(this, tr("Empty the trash"), sure) == QMessageBox::Yes)
        m_with.care.emptyTrash();
}

}  // namespace upbeat
