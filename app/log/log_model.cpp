#include "log/log_model.h"

#include "theme/words.h"

#include <QLocale>
#include <QRegularExpression>
#include <algorithm>

#include "place/verdict_bar.h"

namespace upbeat {

namespace {

/// The first line of a note without its Markdown.
QString headOf(const QString& note) {
    static const QRegularExpression kMarks(QStringLiteral(
        "^[ \\t]*(#{1,6} |[-*+] |> |\\d+[.)] )|(?<![\\w*])[*_`]{1,3}(?=\\S)|(?<=\\S)[*_`]{1,3}(?![\\w*])"));
    return note.trimmed().section(QLatin1Char('\n'), 0, 0).remove(kMarks);
}

constexpr int kPage = 200;

}  // namespace

void LogModel::show(const std::vector<PlayedTime>& days, ReadPage readPage) {
    beginResetModel();
    m_readPage = std::move(readPage);
    m_isComplete = false;
    m_days = days;
    m_takes.clear();
    m_rows.clear();
    append(nextPage());
    endResetModel();
}

bool LogModel::canFetchMore(const QModelIndex& parent) const {
    return !parent.isValid() && !m_isComplete && !m_isGrowing;
}

void LogModel::fetchMore(const QModelIndex& parent) {
    if (!canFetchMore(parent)) return;
    const Page page = nextPage();
    if (page.rows.empty()) return;
    m_isGrowing = true;  // whoever is told of new rows may ask for more of them at once
    beginInsertRows({}, rowCount(), rowCount() + static_cast<int>(page.rows.size()) - 1);
    append(page);
    endInsertRows();
    m_isGrowing = false;
}

LogModel::Page LogModel::nextPage() {
    std::optional<TakeMoment> before;
    if (!m_takes.empty()) before = TakeMoment{stampOf(m_takes.back().startedAt), m_takes.back().id};
    Page page{m_readPage(before, kPage), {}};
    m_isComplete = page.takes.size() < static_cast<std::size_t>(kPage);
    QDate day = m_rows.empty() ? QDate() : m_rows.back().day;
    for (std::size_t i = 0; i < page.takes.size(); ++i) {
        const QDate own = page.takes[i].startedAt.date();
        if (own != day) page.rows.push_back({own, -1});
        day = own;
        page.rows.push_back({day, static_cast<int>(m_takes.size() + i)});
    }
    return page;
}

void LogModel::append(const Page& page) {
    m_takes.insert(m_takes.end(), page.takes.begin(), page.takes.end());
    m_rows.insert(m_rows.end(), page.rows.begin(), page.rows.end());
}

int LogModel::findTake(qint64 id) {
    for (std::size_t row = 0;; ++row) {
        if (row == m_rows.size()) {
            if (m_isComplete) return -1;
            fetchMore({});
            if (row == m_rows.size()) return -1;
        }
        const int take = m_rows[row].take;
        if (take >= 0 && m_takes[static_cast<std::size_t>(take)].id == id) return static_cast<int>(row);
    }
}

PlayedTime LogModel::playedOn(QDate day) const {
    const auto found = std::find_if(m_days.begin(), m_days.end(), [day](const PlayedTime& d) { return d.day == day; });
    return found == m_days.end() ? PlayedTime{day, 0, 0} : *found;
}

QVariant LogModel::dayData(const Row& row, int role) const {
    if (role == Qt::DisplayRole) return QLocale().toString(row.day, QStringLiteral("dddd, d MMMM"));
    if (role != DetailRole) return {};
    const PlayedTime played = playedOn(row.day);
    return counted(played.takes, UPBEAT_TEXT("1 take"), UPBEAT_TEXT_N("%n takes")) +
           tr(", %1 min played").arg(tenths(played.seconds / 60));
}

int LogModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

QVariant LogModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Row& row = m_rows[static_cast<std::size_t>(index.row())];
    if (role == IsDayRole) return row.take < 0;
    if (role == DayRole) return row.day;
    if (row.take < 0) return dayData(row, role);
    const TakeSummary& take = m_takes[static_cast<std::size_t>(row.take)];
    switch (role) {
        case Qt::DisplayRole:
            return QStringLiteral("%1  %2").arg(take.startedAt.time().toString(QStringLiteral("HH:mm")),
                                                QString::fromStdString(take.title));
        case Qt::AccessibleTextRole:
            return tr("%1, %2").arg(QString::fromStdString(take.title), inWords(words::headlineOf(take.verdict)));
        case TakeIdRole:
            return take.id;
        case NoteRole:
            return QString::fromStdString(take.note);
        case TagsRole:
            return QString::fromStdString(take.tags);
        case CleanRole:
            return take.clean;
        case DetailRole: {
            const QString note = QString::fromStdString(take.note);
            if (take.simulated) return tr("at %1   simulated player").arg(tempoInWords(take.tempoBpm));
            QString words = note.isEmpty() ? inWords(words::headlineOf(take.verdict)) : headOf(note);
            for (const QString& tag : QString::fromStdString(take.tags).split(QLatin1Char(' '), Qt::SkipEmptyParts))
                words += QStringLiteral("  #") + tag;
            return tr("at %1   %2").arg(tempoInWords(take.tempoBpm), words);
        }
        default:
            return {};
    }
}

Qt::ItemFlags LogModel::flags(const QModelIndex& index) const {
    if (!index.isValid()) return Qt::NoItemFlags;
    const bool isDay = data(index, IsDayRole).toBool();
    return isDay ? Qt::ItemIsEnabled : Qt::ItemIsEnabled | Qt::ItemIsSelectable;
}

}  // namespace upbeat
