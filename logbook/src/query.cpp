#include "query.h"

#include <QSqlDatabase>
#include <QSqlError>

namespace upbeat {

namespace {

tl::unexpected<Error> refused(const Logbook& logbook, const QSqlError& error) {
    return fail("the logbook refuses (" + error.databaseText().toStdString() + ")", logbook.file().string(),
                "check that the disk is not full and the folder may be written");
}

}  // namespace

Result<QSqlQuery> runQuery(const Logbook& logbook, const char* sql, std::initializer_list<QVariant> values) {
    QSqlQuery query(QSqlDatabase::database(logbook.connection()));
    if (!query.prepare(QString::fromLatin1(sql))) return refused(logbook, query.lastError());
    for (const QVariant& value : values) query.addBindValue(value);
    if (!query.exec()) return refused(logbook, query.lastError());
    return query;
}

Transaction::Transaction(const Logbook& logbook)
    : m_logbook(logbook), m_open(QSqlDatabase::database(logbook.connection()).transaction()) {}

Transaction::~Transaction() {
    if (m_open) QSqlDatabase::database(m_logbook.connection()).rollback();
}

Result<void> Transaction::commit() {
    auto database = QSqlDatabase::database(m_logbook.connection());
    if (m_open && !database.commit()) return refused(m_logbook, database.lastError());
    m_open = false;
    return {};
}

}  // namespace upbeat
