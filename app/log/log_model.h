#pragma once

#include <QAbstractListModel>
#include <vector>

#include "upbeat/logbook/take_repository.h"

namespace upbeat {

/// The log as a list: a row for every day with what it held, then its takes.
class LogModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Roles { IsDayRole = Qt::UserRole + 1, TakeIdRole, DetailRole, CleanRole };
    using QAbstractListModel::QAbstractListModel;

    /// Newest first.
    void setTakes(std::vector<TakeSummary> takes);
    [[nodiscard]] int rowOfTake(qint64 id) const;

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;

  private:
    struct Row {
        QDate day;
        int take = -1;  ///< -1: a day row.
        int takes = 0;
        double minutes = 0;
    };
    std::vector<TakeSummary> m_takes;
    std::vector<Row> m_rows;
};

}  // namespace upbeat
