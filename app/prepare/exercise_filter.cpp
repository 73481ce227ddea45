#include "prepare/exercise_filter.h"

#include <algorithm>

#include "prepare/exercise_model.h"

namespace upbeat {

void ExerciseFilter::setSearch(const QString& text) {
    m_words = text.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    invalidateFilter();
}

QList<std::pair<QString, QString>> ExerciseFilter::kinds() {
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

void ExerciseFilter::setTag(const QString& tag) {
    m_tag = tag;
    invalidateFilter();
}

bool ExerciseFilter::filterAcceptsRow(int row, const QModelIndex& parent) const {
    const QModelIndex index = sourceModel()->index(row, 0, parent);
    const QStringList tags = index.data(ExerciseModel::TagsRole).toStringList();
    if (!m_tag.isEmpty() && !tags.contains(m_tag)) return false;
    const QStringList texts =
        QStringList{index.data(Qt::DisplayRole).toString(), index.data(ExerciseModel::TrainsRole).toString()} + tags;
    const QString everything = texts.join(QLatin1Char(' '));
    return std::all_of(m_words.begin(), m_words.end(),
                       [&](const QString& word) { return everything.contains(word, Qt::CaseInsensitive); });
}

int ExerciseFilter::rowOf(const QString& id) const {
    const auto found = match(index(0, 0), ExerciseModel::IdRole, id, 1, Qt::MatchExactly);
    return found.isEmpty() ? -1 : found.front().row();
}

}  // namespace upbeat
