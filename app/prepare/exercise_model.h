#pragma once

#include <QAbstractListModel>

#include "upbeat/music/exercise.h"

namespace upbeat {

/// Exercises for the list in Prepare.
class ExerciseModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Roles { IdRole = Qt::UserRole + 1, TrainsRole, TempoRole, CleanRole, TagsRole };
    using QAbstractListModel::QAbstractListModel;

    void setExercises(const std::vector<Exercise>& exercises);
    /// Highest clean tempo by exercise id.
    void setCleanTempos(const QHash<QString, double>& tempos);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;

  private:
    std::vector<Exercise> m_all;
    QHash<QString, double> m_clean;
};

}  // namespace upbeat
