// What is asked of all takes together: lists, days, totals. Counted by SQL, without an end.
#include "take_rows.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

namespace {

Result<std::vector<TakeSummary>> summaries(const Logbook& logbook, const std::string& conditions,
                                           const QVariantList& values) {
    static const std::string kSelect =
        "SELECT take.id AS id, take.exercise_id AS exercise_id, json_extract(exercise_version.json, '$.title') AS "
        "title, (SELECT group_concat(name, ' ') FROM tag WHERE tag.take_id = take.id) AS tags, started_at, tempo_bpm, "
        "bars, duration_s, clean, simulated, missed_gate, note, action, next_bpm, "
        "page_bars, stage, "
        "clean_in_a_row, "
        "clean_needed, goal_reached, span_bar, span_from, span_to FROM take JOIN "
        "exercise_version ON exercise_version.id = exercise_version_id LEFT JOIN verdict ON take_id = take.id ";
    auto rows = runQuery(logbook, (kSelect + conditions).c_str(), values);
    if (!rows) return tl::unexpected(rows.error());
    std::vector<TakeSummary> takes;
    while (rows->next()) takes.push_back(summaryFrom(Row(*rows)));
    return takes;
}

constexpr const char* kNewestFirst = " ORDER BY started_at DESC, take.id DESC";

}  // namespace

Result<std::vector<TakeSummary>> TakeRepository::list(const std::string& exerciseId) const {
    const SearchSql all = sqlOf({});
    if (exerciseId.empty()) return summaries(m_logbook, all.where + kNewestFirst, all.values);
    return summaries(m_logbook, all.where + " AND take.exercise_id = ?" + kNewestFirst, {toQt(exerciseId)});
}

Result<std::vector<TakeSummary>> TakeRepository::page(const std::optional<TakeMoment>& before, int most,
                                                      const TakeSearch& search) const {
    SearchSql sql = sqlOf(search);
    if (before) {
        sql.where += " AND (started_at, take.id) < (?, ?)";
        sql.values << toQt(before->startedAt) << before->id;
    }
    sql.values << most;
    return summaries(m_logbook, sql.where + kNewestFirst + " LIMIT ?", sql.values);
}

Result<qint64> TakeRepository::newestOf(const std::string& exerciseId) const {
    auto row =
        runQuery(m_logbook, "SELECT id FROM kept_take WHERE exercise_id = ? ORDER BY started_at DESC, id DESC LIMIT 1",
                 {toQt(exerciseId)});
    if (!row) return tl::unexpected(row.error());
    return row->next() ? row->value(0).toLongLong() : 0;
}

Result<std::vector<qint64>> TakeRepository::newestOfAll() const {
    auto rows = runQuery(m_logbook,
                         "SELECT id FROM (SELECT id, ROW_NUMBER() OVER (PARTITION BY exercise_id ORDER BY started_at "
                         "DESC, id DESC) AS place FROM kept_take) WHERE place = 1");
    if (!rows) return tl::unexpected(rows.error());
    std::vector<qint64> ids;
    while (rows->next()) ids.push_back(rows->value(0).toLongLong());
    return ids;
}

Result<std::vector<PlayedTime>> TakeRepository::days(const TakeSearch& search) const {
    const SearchSql sql = sqlOf(search);
    const std::string query = "SELECT substr(started_at, 1, 10) AS day, COUNT(*), SUM(duration_s) FROM take " +
                              sql.where + " GROUP BY day ORDER BY day DESC";
    auto rows = runQuery(m_logbook, query.c_str(), sql.values);
    if (!rows) return tl::unexpected(rows.error());
    std::vector<PlayedTime> days;
    while (rows->next())
        days.push_back({QDate::fromString(rows->value(0).toString(), Qt::ISODate), rows->value(1).toInt(),
                        rows->value(2).toDouble()});
    return days;
}

Result<PlayedTime> TakeRepository::total(const std::optional<QDate>& since) const {
    const QString from = since ? since->toString(Qt::ISODate) : QStringLiteral("");
    auto row = runQuery(m_logbook, "SELECT COUNT(*), SUM(duration_s) FROM kept_take WHERE started_at >= ?", {from});
    if (!row) return tl::unexpected(row.error());
    if (!row->next()) return PlayedTime{};
    return PlayedTime{{}, row->value(0).toInt(), row->value(1).toDouble()};
}

Result<std::vector<std::pair<std::string, double>>> TakeRepository::cleanTempos() const {
    auto rows =
        runQuery(m_logbook, "SELECT exercise_id, MAX(tempo_bpm) FROM kept_take WHERE clean = 1 GROUP BY exercise_id");
    if (!rows) return tl::unexpected(rows.error());
    std::vector<std::pair<std::string, double>> tempos;
    while (rows->next()) tempos.emplace_back(rows->value(0).toString().toStdString(), rows->value(1).toDouble());
    return tempos;
}

Result<std::set<std::string>> TakeRepository::files() const {
    auto rows = runQuery(m_logbook, "SELECT file FROM take WHERE file <> ''");
    if (!rows) return tl::unexpected(rows.error());
    std::set<std::string> files;
    while (rows->next()) files.insert(rows->value(0).toString().toStdString());
    return files;
}

Result<int> TakeRepository::count() const {
    auto row = runQuery(m_logbook, "SELECT COUNT(*) FROM kept_take");
    if (!row) return tl::unexpected(row.error());
    return row->next() ? row->value(0).toInt() : 0;
}

}  // namespace upbeat
