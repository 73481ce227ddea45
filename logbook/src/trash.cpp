#include "upbeat/logbook/trash.h"

#include <limits>
#include <map>
#include <system_error>

#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_store.h"

namespace upbeat {

namespace fs = std::filesystem;

namespace {

/// Runs a statement for each take, all or none.
Result<void> forEach(const Logbook& logbook, const char* sql, const std::vector<qint64>& takes,
                     const QVariantList& more = {}) {
    Transaction transaction(logbook);
    for (const qint64 id : takes)
        if (auto done = runQuery(logbook, sql, QVariantList{id} + more); !done) return tl::unexpected(done.error());
    return transaction.commit();
}

QVariant stamp(const QDateTime& time) {
    return toQt(stampOf(time));
}

struct TakeFile {
    qint64 id = 0;
    std::string file;
};

Result<std::vector<TakeFile>> filesOf(const Logbook& logbook, const char* sql, const QVariantList& values) {
    auto rows = runQuery(logbook, sql, values);
    if (!rows) return tl::unexpected(rows.error());
    std::vector<TakeFile> files;
    while (rows->next()) files.push_back({rows->value(0).toLongLong(), rows->value(1).toString().toStdString()});
    return files;
}

}  // namespace

Result<void> Trash::put(const std::vector<qint64>& takes, const QDateTime& now) {
    return forEach(m_logbook, "INSERT OR IGNORE INTO removed (take_id, at) VALUES (?, ?)", takes, {stamp(now)});
}

Result<void> Trash::takeBack(const std::vector<qint64>& takes) {
    return forEach(m_logbook, "DELETE FROM removed WHERE take_id = ?", takes);
}

Result<int> Trash::count() const {
    auto row = runQuery(m_logbook, "SELECT COUNT(*) FROM removed");
    if (!row) return tl::unexpected(row.error());
    return row->next() ? row->value(0).toInt() : 0;
}

Result<std::vector<TakeSummary>> Trash::takes() const {
    TakeSearch removed;
    removed.inTrash = true;
    return TakeRepository(m_logbook).page({}, std::numeric_limits<int>::max(), removed);
}

Result<int> Trash::empty(const DataFolder& folder, const QDateTime& before) {
    const auto gone = filesOf(m_logbook, "SELECT id, file FROM take JOIN removed ON take_id = id WHERE removed.at <= ?",
                              {stamp(before)});
    if (!gone) return tl::unexpected(gone.error());
    const TakeStore store(folder.takes());
    std::vector<qint64> ids;
    for (const TakeFile& take : *gone) {
        if (!take.file.empty()) store.discard(fs::path(take.file).stem().string());
        ids.push_back(take.id);
    }
    if (auto done = forEach(m_logbook, "DELETE FROM take WHERE id = ?", ids); !done)
        return tl::unexpected(done.error());
    return static_cast<int>(ids.size());
}

Result<std::vector<MonthOfSound>> Sounds::months(const DataFolder& folder) const {
    auto rows = runQuery(m_logbook, "SELECT substr(started_at, 1, 7), file FROM take WHERE file <> ''");
    if (!rows) return tl::unexpected(rows.error());
    std::map<QString, MonthOfSound, std::greater<>> months;
    while (rows->next()) {
        std::error_code error;
        const auto bytes = fs::file_size(folder.takes() / rows->value(1).toString().toStdString(), error);
        if (error) continue;
        const QString name = rows->value(0).toString();
        MonthOfSound& month = months[name];
        month.month = QDate::fromString(name + QStringLiteral("-01"), Qt::ISODate);
        ++month.takes;
        month.bytes += bytes;
    }
    std::vector<MonthOfSound> all;
    all.reserve(months.size());
    for (const auto& [name, month] : months) all.push_back(month);
    return all;
}

Result<std::vector<qint64>> Sounds::spare(const QDate& before) const {
    auto rows =
        runQuery(m_logbook,
                 "SELECT id FROM kept_take AS take WHERE started_at < ? AND NOT clean AND file <> '' AND id NOT "
                 "IN (SELECT take_id FROM sound_let_go) AND EXISTS (SELECT 1 FROM kept_take later WHERE "
                 "later.exercise_id = take.exercise_id AND substr(later.started_at, 1, 10) = "
                 "substr(take.started_at, 1, 10) AND later.started_at > take.started_at) ORDER BY id",
                 {before.toString(Qt::ISODate)});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<qint64> ids;
    while (rows->next()) ids.push_back(rows->value(0).toLongLong());
    return ids;
}

Result<std::set<std::string>> Sounds::gone() const {
    const auto files = filesOf(m_logbook, "SELECT id, file FROM take JOIN sound_let_go ON take_id = id", {});
    if (!files) return tl::unexpected(files.error());
    std::set<std::string> names;
    for (const TakeFile& take : *files) names.insert(take.file);
    return names;
}

/// First it is written down, then done: a recording that is missing without a word would be taken for a loss.
Result<void> Sounds::letGo(const DataFolder& folder, const std::vector<qint64>& takes, const QDateTime& now) {
    if (auto done =
            forEach(m_logbook, "INSERT OR IGNORE INTO sound_let_go (take_id, at) VALUES (?, ?)", takes, {stamp(now)});
        !done)
        return done;
    for (const qint64 id : takes) {
        const auto files = filesOf(m_logbook, "SELECT id, file FROM take WHERE id = ? AND file <> ''", {id});
        if (!files) return tl::unexpected(files.error());
        std::error_code ignored;
        for (const TakeFile& take : *files) fs::remove(folder.takes() / take.file, ignored);
    }
    return {};
}

}  // namespace upbeat
