#include "upbeat/logbook/logbook.h"

#include <QSqlDatabase>
#include <QSqlError>
#include <QStandardPaths>
#include <QUuid>
#include <system_error>

#include "migrations.h"
#include "query.h"

namespace upbeat {

Logbook::Logbook(std::filesystem::path file, QString connection)
    : m_file(std::move(file)), m_connection(std::move(connection)) {}

Logbook::~Logbook() {
    {
        auto database = QSqlDatabase::database(m_connection, false);
        if (database.isOpen()) database.close();
    }
    QSqlDatabase::removeDatabase(m_connection);
}

Result<std::unique_ptr<Logbook>> Logbook::open(const std::filesystem::path& file) {
    std::error_code error;
    std::filesystem::create_directories(file.parent_path() / "takes", error);
    if (error)
        return fail("the folder of the logbook cannot be written", file.parent_path().string(),
                    "choose another folder or free some space");
    if (!QSqlDatabase::isDriverAvailable(QStringLiteral("QSQLITE")))
        return fail("Qt's SQLite driver is not installed", "logbook", "install the package libqt6sql6-sqlite");
    std::unique_ptr<Logbook> logbook(new Logbook(file, QUuid::createUuid().toString()));
    auto database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), logbook->m_connection);
    database.setDatabaseName(QString::fromStdString(file.string()));
    if (!database.open())
        return fail("the logbook cannot be opened", file.string(), "check that the folder may be written");
    for (const char* pragma : {"PRAGMA journal_mode = WAL", "PRAGMA foreign_keys = ON", "PRAGMA synchronous = NORMAL",
                               "PRAGMA busy_timeout = 4000"})
        if (auto done = runQuery(*logbook, pragma); !done)
            return fail("this is not a logbook, or it cannot be written", file.string(),
                        "move it away or choose another folder");
    if (auto done = migrate(*logbook); !done) return tl::unexpected(done.error());
    return logbook;
}

std::filesystem::path defaultLogbookFile() {
    const QString base = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation);
    return std::filesystem::path(base.toStdString()) / "upbeat-check" / "logbook.db";
}

}  // namespace upbeat
