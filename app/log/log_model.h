#pragma once

#include <QAbstractListModel>
#include <functional>
#include <optional>
#include <vector>

#include "upbeat/logbook/take_repository.h"

namespace upbeat {

/// The log as a list: a row for every day with what it held, then its takes. Takes are read page by page as the list is
/// rolled; what a day held is known from the start, whatever has been read.
class LogModel : public QAbstractListModel {
    Q_OBJECT
  public:
    enum Roles { IsDayRole = Qt::UserRole + 1, TakeIdRole, DetailRole, CleanRole, NoteRole, TagsRole, DayRole };
    /// Takes before a moment, newest first, at most so many.
    using ReadPage = std::function<std::vector<TakeSummary>(const std::optional<TakeMoment>& before, int most)>;
    using QAbstractListModel::QAbstractListModel;

    /// Starts anew: `days` newest first.
    void show(const std::vector<PlayedTime>& days, ReadPage readPage);
    /// The row of a take, read as far as to it; -1 where there is no such take.
    int findTake(qint64 id);

    [[nodiscard]] int rowCount(const QModelIndex& parent = {}) const override;
    [[nodiscard]] QVariant data(const QModelIndex& index, int role) const override;
    [[nodiscard]] Qt::ItemFlags flags(const QModelIndex& index) const override;
    [[nodiscard]] bool canFetchMore(const QModelIndex& parent) const override;
    void fetchMore(const QModelIndex& parent) override;

  private:
    struct Row {
        QDate day;
        int take = -1;  ///< -1: a day row.
    };
    struct Page {
        std::vector<TakeSummary> takes;
        std::vector<Row> rows;
    };
    [[nodiscard]] Page nextPage();
    void append(const Page& page);
    [[nodiscard]] PlayedTime playedOn(QDate day) const;
    [[nodiscard]] QVariant dayData(const Row& row, int role) const;

    ReadPage m_readPage;
    bool m_isComplete = true;
    bool m_isGrowing = false;
    std::vector<PlayedTime> m_days;
    std::vector<TakeSummary> m_takes;
    std::vector<Row> m_rows;
};

}  // namespace upbeat
