#include "prepare/exercise_model.h"

#include "theme/words.h"

namespace upbeat {

void ExerciseModel::setExercises(const std::vector<Exercise>& exercises) {
    beginResetModel();
    m_all = exercises;
    endResetModel();
}

void ExerciseModel::setCleanTempos(const QHash<QString, double>& tempos) {
    m_clean = tempos;
    if (rowCount() > 0) Q_EMIT dataChanged(index(0), index(rowCount() - 1));
}

int ExerciseModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_all.size());
}

QVariant ExerciseModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Exercise& e = m_all[static_cast<std::size_t>(index.row())];
    const QString id = QString::fromStdString(e.id);
    switch (role) {
        case Qt::DisplayRole:
        case Qt::AccessibleTextRole:
            return QString::fromStdString(e.title);
        case IdRole:
            return id;
        case TrainsRole:
            return QString::fromStdString(e.trains);
        case TagsRole: {
            QStringList tags;
            for (const std::string& tag : e.tags) tags << QString::fromStdString(tag);
            return tags;
        }
        case TempoRole:
            return QStringLiteral("%1–%2").arg(tempoInWords(e.tempo.start), tempoInWords(e.tempo.goal));
        case CleanRole:
            return m_clean.contains(id) ? tr("clean at %1").arg(tempoInWords(m_clean.value(id))) : QString();
        default:
            return {};
    }
}

}  // namespace upbeat
