#pragma once

#include <QAbstractListModel>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// Exercises for the list in Prepare, narrowed by a tag and by words in title, purpose and tags.
class ExerciseModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Roles { IdRole = Qt::UserRole + 1, TrainsRole, TempoRole, CleanRole };
    using QAbstractListModel::QAbstractListModel;

    void setExercises(const std::vector<Exercise>& exercises);
    /// Highest clean tempo by exercise id.
    void setCleanTempos(const QHash<QString, double>& tempos);
    void setSearch(const QString& text);
    /// Names of the kinds in the list, each with its tag; the first is all.
    [[nodiscard]] static QList<std::pair<QString, QString>> kinds();
    /// Only exercises with this tag; empty: all.
    void setTag(const QString& tag);
    [[nodiscard]] int rowOf(const std::string& id) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

  private:
    void narrow();
    [[nodiscard]] bool isWanted(const Exercise& exercise) const;

    std::vector<Exercise> m_all;
    std::vector<std::size_t> m_shown;
    QHash<QString, double> m_clean;
    QString m_search;
    QString m_tag;
};

}  // namespace upbeat
