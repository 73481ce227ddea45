#include "prepare/exercise_model.h"

#include "place/verdict_bar.h"

namespace upbeat {

void ExerciseModel::setExercises(const std::vector<Exercise>& exercises) {
    m_all = exercises;
    narrow();
}

void ExerciseModel::setCleanTempos(const QHash<QString, double>& tempos) {
    m_clean = tempos;
    if (rowCount() > 0) Q_EMIT dataChanged(index(0), index(rowCount() - 1));
}

void ExerciseModel::setSearch(const QString& text) {
    m_search = text.trimmed();
    narrow();
}

QList<std::pair<QString, QString>> ExerciseModel::kinds() {
    return {{tr("all exercises"), QString()},
            {tr("my own"), QStringLiteral("own")},
            {tr("rudiments"), QStringLiteral("rudiment")},
            {tr("accents and levels"), QStringLiteral("control")},
            {tr("timing and grids"), QStringLiteral("timing")},
            {tr("rolls"), QStringLiteral("rolls")},
            {tr("grooves"), QStringLiteral("groove")},
            {tr("fills"), QStringLiteral("fill")},
            {tr("linear"), QStringLiteral("linear")},
            {tr("independence"), QStringLiteral("independence")}};
}

void ExerciseModel::setTag(const QString& tag) {
    m_tag = tag;
    narrow();
}

/// Every word of the search must be somewhere.
bool ExerciseModel::isWanted(const Exercise& e) const {
    const auto hasTag = [&](const std::string& tag) { return QString::fromStdString(tag) == m_tag; };
    if (!m_tag.isEmpty() && std::none_of(e.tags.begin(), e.tags.end(), hasTag)) return false;
    QString everything = QString::fromStdString(e.title + " " + e.trains);
    for (const std::string& tag : e.tags) everything += QLatin1Char(' ') + QString::fromStdString(tag);
    const auto words = m_search.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    return std::all_of(words.begin(), words.end(),
                       [&](const QString& word) { return everything.contains(word, Qt::CaseInsensitive); });
}

void ExerciseModel::narrow() {
    beginResetModel();
    m_shown.clear();
    for (std::size_t i = 0; i < m_all.size(); ++i)
        if (isWanted(m_all[i])) m_shown.push_back(i);
    endResetModel();
}

int ExerciseModel::rowOf(const std::string& id) const {
    for (std::size_t row = 0; row < m_shown.size(); ++row)
        if (m_all[m_shown[row]].id == id) return static_cast<int>(row);
    return -1;
}

int ExerciseModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_shown.size());
}

QVariant ExerciseModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Exercise& e = m_all[m_shown[static_cast<std::size_t>(index.row())]];
    const QString id = QString::fromStdString(e.id);
    switch (role) {
        case Qt::DisplayRole:
        case Qt::AccessibleTextRole:
            return QString::fromStdString(e.title);
        case IdRole:
            return id;
        case TrainsRole:
            return QString::fromStdString(e.trains);
        case TempoRole:
            return QStringLiteral("%1–%2").arg(tempoInWords(e.tempo.start), tempoInWords(e.tempo.goal));
        case CleanRole:
            return m_clean.contains(id) ? tr("clean at %1").arg(tempoInWords(m_clean.value(id))) : QString();
        default:
            return {};
    }
}

}  // namespace upbeat
