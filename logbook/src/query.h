#pragma once

#include <QSqlQuery>
#include <QVariant>
#include <initializer_list>

#include "upbeat/logbook/logbook.h"

namespace upbeat {

/// Prepares, binds and runs one statement; values are always bound, never pasted. The error names the logbook file.
[[nodiscard]] Result<QSqlQuery> runQuery(const Logbook& logbook, const char* sql,
                                         std::initializer_list<QVariant> values = {});

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

[[nodiscard]] inline QString toQt(const std::string& text) {
    return QString::fromStdString(text);
}

}  // namespace upbeat
