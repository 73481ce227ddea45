#include "log/log_model.h"

#include "theme/words.h"

#include <QLocale>

#include "shell/verdict_bar.h"

namespace upbeat {

void LogModel::setTakes(std::vector<TakeSummary> takes) {
    beginResetModel();
    m_takes = std::move(takes);
    m_rows.clear();
    std::size_t dayRow = 0;
    for (std::size_t i = 0; i < m_takes.size(); ++i) {
        const QDate day = m_takes[i].startedAt.date();
        if (m_rows.empty() || m_rows[dayRow].day != day) {
            dayRow = m_rows.size();
            m_rows.push_back({day, -1, 0, 0});
        }
        ++m_rows[dayRow].takes;
        m_rows[dayRow].minutes += m_takes[i].durationS / 60;
        m_rows.push_back({day, static_cast<int>(i), 0, 0});
    }
    endResetModel();
}

int LogModel::rowOfTake(qint64 id) const {
    for (std::size_t row = 0; row < m_rows.size(); ++row)
        if (m_rows[row].take >= 0 && m_takes[static_cast<std::size_t>(m_rows[row].take)].id == id)
            return static_cast<int>(row);
    return -1;
}

int LogModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_rows.size());
}

QVariant LogModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Row& row = m_rows[static_cast<std::size_t>(index.row())];
    if (role == IsDayRole) return row.take < 0;
    if (row.take < 0) {
        if (role == Qt::DisplayRole) return QLocale().toString(row.day, QStringLiteral("dddd, d MMMM"));
        if (role == DetailRole)
            return counted(row.takes, tr("1 take"), tr("%1 takes")) + tr(", %1 min played").arg(row.minutes, 0, 'f', 1);
        return {};
    }
    const TakeSummary& take = m_takes[static_cast<std::size_t>(row.take)];
    switch (role) {
        case Qt::DisplayRole:
            return QStringLiteral("%1  %2").arg(take.startedAt.time().toString(QStringLiteral("HH:mm")),
                                                QString::fromStdString(take.title));
        case Qt::AccessibleTextRole:
            return QString::fromStdString(take.title + ", " + take.headline);
        case TakeIdRole:
            return take.id;
        case CleanRole:
            return take.clean;
        case DetailRole: {
            const QString note = QString::fromStdString(take.note);
            return tr("at %1   %2")
                .arg(tempoInWords(take.tempoBpm), note.isEmpty() ? QString::fromStdString(take.headline) : note);
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
