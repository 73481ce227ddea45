#include "upbeat/logbook/query.h"

#include <QSqlDatabase>
#include <QSqlError>

namespace upbeat {

namespace {

tl::unexpected<Error> refused(const Logbook& logbook, const QSqlError& error) {
    constexpr int kCorrupt = 11;
    constexpr int kNoDatabase = 26;
    const int code = error.nativeErrorCode().toInt() & 0xFF;
    if (code == kCorrupt || code == kNoDatabase)
        return fail(UPBEAT_TEXT("the logbook is damaged"), logbook.file().string(),
                    UPBEAT_TEXT("start the program again: it offers to rebuild it from the recordings"));
    return fail("the logbook refuses (" + error.databaseText().toStdString() + ")", logbook.file().string(),
                UPBEAT_TEXT("check that the disk is not full and the folder may be written"));
}

}  // namespace

Result<QSqlQuery> runQuery(const Logbook& logbook, const char* sql, const QVariantList& values) {
    QSqlQuery query(QSqlDatabase::database(logbook.connection()));
    if (!query.prepare(QString::fromLatin1(sql))) return refused(logbook, query.lastError());
    for (const QVariant& value : values) query.addBindValue(value);
    if (!query.exec()) return refused(logbook, query.lastError());
    return query;
}

Result<qint64> insertRow(const Logbook& logbook, const char* table, const std::vector<Cell>& cells) {
    QStringList columns;
    QStringList marks;
    for (const Cell& cell : cells) {
        columns << QString::fromLatin1(cell.column);
        marks << QStringLiteral("?");
    }
    QSqlQuery query(QSqlDatabase::database(logbook.connection()));
    const QString sql =
        QStringLiteral("INSERT INTO %1 (%2) VALUES (%3)")
            .arg(QString::fromLatin1(table), columns.join(QStringLiteral(", ")), marks.join(QStringLiteral(", ")));
    if (!query.prepare(sql)) return refused(logbook, query.lastError());
    for (const Cell& cell : cells) query.addBindValue(cell.value);
    if (!query.exec()) return refused(logbook, query.lastError());
    return query.lastInsertId().toLongLong();
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
