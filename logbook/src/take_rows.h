#pragma once

#include <QSqlQuery>
#include <QVariant>
#include <algorithm>
#include <limits>
#include <vector>

#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

inline constexpr int kRefusedSound = 2;  ///< In `foreign_sound`: Hit::refused; 1 is a foreign sound that is not.

/// Reads a row by the names of its columns.
class Row {
  public:
    explicit Row(const QSqlQuery& query) : m_query(query) {}
    [[nodiscard]] QVariant at(const char* column) const { return m_query.value(QString::fromLatin1(column)); }
    [[nodiscard]] std::string text(const char* column) const { return at(column).toString().toStdString(); }
    [[nodiscard]] double number(const char* column) const { return at(column).toDouble(); }
    [[nodiscard]] bool flag(const char* column) const { return at(column).toBool(); }
    /// What does not fit an int comes as its largest value: nothing in a take is so large.
    [[nodiscard]] int whole(const char* column) const {
        constexpr qint64 kMost = std::numeric_limits<int>::max();
        return static_cast<int>(std::clamp(at(column).toLongLong(), -kMost, kMost));
    }

  private:
    const QSqlQuery& m_query;
};

// What stands in the tables, as values; nothing is judged.
[[nodiscard]] Hit hitFrom(const Row& row);
[[nodiscard]] TakeSummary summaryFrom(const Row& row);
/// Without click, hits and damaged spans.
[[nodiscard]] TakeRecord recordFrom(const Row& row, Exercise exercise);
/// The columns of a take that say nothing of its verdict, session or exercise version.
[[nodiscard]] std::vector<Cell> cellsOf(const TakeRecord& take);

}  // namespace upbeat
