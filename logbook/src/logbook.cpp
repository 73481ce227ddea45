#include "upbeat/logbook/logbook.h"

#include <unistd.h>

#include <QDateTime>
#include <QSqlDatabase>
#include <QSqlError>
#include <QStandardPaths>
#include <QUuid>
#include <array>
#include <fstream>
#include <string>
#include <string_view>
#include <system_error>

#include "migrations.h"
#include "upbeat/logbook/query.h"

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

namespace {

/// What the first bytes of a file say without SQLite: opening it could already write to it.
LogbookTrouble troubleInHead(const std::filesystem::path& file) {
    constexpr std::size_t kVersionByte = 60;  // user_version, four bytes, the highest first
    constexpr std::string_view kMagic("SQLite format 3\0", 16);
    std::ifstream in(file, std::ios::binary);
    if (!in) return LogbookTrouble::None;  // a new one
    std::array<char, kVersionByte + 4> head{};
    in.read(head.data(), static_cast<std::streamsize>(head.size()));
    if (in.gcount() == 0) return LogbookTrouble::None;  // SQLite makes one of an empty file
    if (in.gcount() < static_cast<std::streamsize>(head.size()) ||
        !std::string_view(head.data(), head.size()).starts_with(kMagic))
        return LogbookTrouble::Damaged;
    int version = 0;
    for (std::size_t i = 0; i < 4; ++i) version = version * 256 + static_cast<unsigned char>(head[kVersionByte + i]);
    return version > newestSchema() ? LogbookTrouble::Newer : LogbookTrouble::None;
}

Error damagedLogbook(const std::filesystem::path& file) {
    return {"this is not a logbook, or it is damaged", file.string(),
            "set it aside and let it be rebuilt from the recordings, or choose another folder"};
}

Result<void> makeFolder(const std::filesystem::path& file) {
    std::error_code error;
    std::filesystem::create_directories(file.parent_path() / "takes", error);
    if (error)
        return fail(UPBEAT_TEXT("the folder of the logbook cannot be written"), file.parent_path().string(),
                    UPBEAT_TEXT("choose another folder or free some space"));
    return {};
}

Result<void> prepare(const Logbook& logbook, LogbookAccess access) {
    if (auto waits = runQuery(logbook, "PRAGMA busy_timeout = 4000"); !waits) return tl::unexpected(waits.error());
    if (auto known = checkNotNewer(logbook); !known) return known;
    if (access == LogbookAccess::Reading) return {};
    const char* synchronous =
        access == LogbookAccess::Durable ? "PRAGMA synchronous = FULL" : "PRAGMA synchronous = NORMAL";
    for (const char* pragma : {"PRAGMA journal_mode = WAL", "PRAGMA foreign_keys = ON", synchronous})
        if (auto done = runQuery(logbook, pragma); !done) return tl::unexpected(done.error());
    return migrate(logbook);
}

}  // namespace

Result<std::unique_ptr<Logbook>> Logbook::open(const std::filesystem::path& file, LogbookAccess access) {
    if (access != LogbookAccess::Reading)
        if (auto made = makeFolder(file); !made) return tl::unexpected(made.error());
    if (!QSqlDatabase::isDriverAvailable(QStringLiteral("QSQLITE")))
        return fail(UPBEAT_TEXT("Qt's SQLite driver is not installed"), "logbook",
                    UPBEAT_TEXT("install the package libqt6sql6-sqlite"));
    const LogbookTrouble head = troubleInHead(file);
    if (head == LogbookTrouble::Newer) return tl::unexpected(newerLogbook(file));
    if (head == LogbookTrouble::Damaged) return tl::unexpected(damagedLogbook(file));
    std::unique_ptr<Logbook> logbook(new Logbook(file, QUuid::createUuid().toString()));
    auto database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), logbook->m_connection);
    if (access == LogbookAccess::Reading) database.setConnectOptions(QStringLiteral("QSQLITE_OPEN_READONLY"));
    database.setDatabaseName(QString::fromStdString(file.string()));
    if (!database.open())
        return fail(UPBEAT_TEXT("the logbook cannot be opened"), file.string(),
                    UPBEAT_TEXT("check that the folder may be written"));
    if (auto ready = prepare(*logbook, access); !ready) return tl::unexpected(ready.error());
    return logbook;
}

LogbookTrouble troubleWith(const std::filesystem::path& file) {
    if (const LogbookTrouble head = troubleInHead(file); head != LogbookTrouble::None) return head;
    std::error_code error;
    if (std::filesystem::exists(file, error)) {
        const auto logbook = Logbook::open(file, LogbookAccess::Reading);
        if (!logbook) return LogbookTrouble::Damaged;
        auto check = runQuery(**logbook, "PRAGMA quick_check(1)");
        if (!check || !check->next() || check->value(0).toString() != QLatin1String("ok"))
            return LogbookTrouble::Damaged;
    }
    if (::access(file.parent_path().c_str(), W_OK) != 0) return LogbookTrouble::NotWritable;
    if (std::filesystem::exists(file, error) && ::access(file.c_str(), W_OK) != 0) return LogbookTrouble::NotWritable;
    return LogbookTrouble::None;
}

std::filesystem::path asideName(const std::filesystem::path& file, const std::string& why) {
    const std::string when = QDateTime::currentDateTime().toString(QStringLiteral("yyyyMMdd-hhmmss")).toStdString();
    const std::string name = file.string() + "." + why + "-" + when;
    std::error_code error;
    std::filesystem::path aside = name;
    for (int number = 2; std::filesystem::exists(aside, error); ++number) aside = name + "-" + std::to_string(number);
    return aside;
}

Result<std::filesystem::path> setAside(const std::filesystem::path& logbookFile) {
    const std::filesystem::path aside = asideName(logbookFile, "damaged");
    std::error_code error;
    std::filesystem::rename(logbookFile, aside, error);
    if (error)
        return fail(UPBEAT_TEXT("the damaged logbook cannot be set aside"), logbookFile.string(),
                    UPBEAT_TEXT("check that the folder may be written"));
    for (const char* part : {"-wal", "-shm"}) {  // they belong to it
        std::error_code ignored;
        std::filesystem::rename(logbookFile.string() + part, aside.string() + part, ignored);
    }
    return aside;
}

std::filesystem::path defaultLogbookFile() {
    const QString base = QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation);
    return std::filesystem::path(base.toStdString()) / "upbeat-check" / "logbook.db";
}

}  // namespace upbeat
