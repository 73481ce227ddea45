#pragma once

#include <QSqlQuery>
#include <QVariant>
#include <string_view>
#include <vector>

#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// Prepares, binds and runs one statement; values are always bound, never pasted. The error names the logbook file.
[[nodiscard]] Result<QSqlQuery> runQuery(const Logbook& logbook, const char* sql,
                                         const QVariantList& values = {});

/// A column and what goes into it.
struct Cell {
    const char* column;
    QVariant value;
};

/// Inserts one row, every value named by its column, and gives its id. Table and columns are our own words.
[[nodiscard]] Result<qint64> insertRow(const Logbook& logbook, const char* table, const std::vector<Cell>& cells);

/// One transaction: rolled back unless `commit` succeeded.
class Transaction {
  public:
    explicit Transaction(const Logbook& logbook);
    ~Transaction();
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    [[nodiscard]] Result<void> commit();

  private:
    const Logbook& m_logbook;
    bool m_open;
};

[[nodiscard]] inline QString toQt(std::string_view text) {
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

}  // namespace upbeat
