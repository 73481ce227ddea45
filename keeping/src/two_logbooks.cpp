#include "two_logbooks.h"

#include <fmt/format.h>

#include <algorithm>

namespace upbeat {

namespace {

constexpr const char* kSame =
    "SELECT 1 FROM main.take m WHERE m.exercise_id = o.exercise_id AND m.started_at = o.started_at "
    "AND abs(m.tempo_bpm - o.tempo_bpm) < 1e-6 AND abs(m.duration_s - o.duration_s) < 0.01";

}  // namespace

Result<std::vector<Newcomer>> TwoLogbooks::newcomers() const {
    const std::string sql = fmt::format(
        "SELECT o.id, o.file FROM other.take o WHERE (? = '' OR o.exercise_id = ?) AND NOT EXISTS ({}) "
        "ORDER BY o.started_at, o.id",
        kSame);
    auto rows = runQuery(m_here, sql.c_str(), {toQt(m_exerciseId), toQt(m_exerciseId)});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<Newcomer> takes;
    while (rows->next()) {
        const std::string file = rows->value(1).toString().toStdString();
        takes.push_back({rows->value(0).toLongLong(), file, file});
    }
    return takes;
}

Result<int> TwoLogbooks::known() const {
    const std::string sql =
        fmt::format("SELECT count(*) FROM other.take o WHERE (? = '' OR o.exercise_id = ?) AND EXISTS ({})", kSame);
    auto rows = runQuery(m_here, sql.c_str(), {toQt(m_exerciseId), toQt(m_exerciseId)});
    if (!rows) return tl::unexpected(rows.error());
    return rows->next() ? rows->value(0).toInt() : 0;
}

Result<std::string> TwoLogbooks::columns(const std::string& table, const std::vector<std::string>& without) const {
    auto rows = runQuery(m_here, fmt::format("PRAGMA main.table_info({})", table).c_str());
    if (!rows) return tl::unexpected(rows.error());
    std::vector<std::string> names;
    while (rows->next()) {
        std::string name = rows->value(1).toString().toStdString();
        if (std::find(without.begin(), without.end(), name) == without.end()) names.push_back(std::move(name));
    }
    return fmt::format("{}", fmt::join(names, ", "));
}

Result<qint64> TwoLogbooks::foundOrMade(const char* find, const char* make, qint64 take) const {
    auto here = runQuery(m_here, find, {take});
    if (!here) return tl::unexpected(here.error());
    if (here->next()) return here->value(0).toLongLong();
    auto made = runQuery(m_here, make, {take});
    if (!made) return tl::unexpected(made.error());
    return made->lastInsertId().toLongLong();
}

/// The session that the take lies in here, else the one it had there.
Result<qint64> TwoLogbooks::sessionOf(qint64 take) const {
    return foundOrMade(
        "SELECT m.id FROM main.session m JOIN other.take o ON o.id = ? "
        "WHERE m.started_at <= o.started_at AND m.ended_at >= o.started_at",
        "INSERT INTO main.session (started_at, ended_at) SELECT s.started_at, s.ended_at "
        "FROM other.session s JOIN other.take o ON o.session_id = s.id WHERE o.id = ?",
        take);
}

/// The same page is kept once.
Result<qint64> TwoLogbooks::versionOf(qint64 take) const {
    return foundOrMade(
        "SELECT m.id FROM main.exercise_version m JOIN other.exercise_version v ON v.exercise_id = m.exercise_id "
        "AND v.json = m.json JOIN other.take o ON o.exercise_version_id = v.id WHERE o.id = ?",
        "INSERT INTO main.exercise_version (exercise_id, version, json) SELECT v.exercise_id, "
        "1 + COALESCE((SELECT max(version) FROM main.exercise_version m "
        "WHERE m.exercise_id = v.exercise_id), 0), v.json FROM other.exercise_version v "
        "JOIN other.take o ON o.exercise_version_id = v.id WHERE o.id = ?",
        take);
}

Result<void> TwoLogbooks::prepareCopies() {
    const auto cells = columns("take", {"id", "session_id", "exercise_version_id", "file"});
    if (!cells) return tl::unexpected(cells.error());
    m_copyTake = fmt::format(
        "INSERT INTO main.take (session_id, exercise_version_id, file, {0}) SELECT ?, ?, ?, {0} FROM other.take "
        "WHERE id = ?",
        *cells);
    m_copyParts.clear();
    for (const char* table :
         {"hit", "damaged_span", "verdict", "gate", "figure", "remark", "tag", "finding", "sound_let_go", "seal"}) {
        const auto others = columns(table, {"take_id"});
        if (!others) return tl::unexpected(others.error());
        m_copyParts.push_back(fmt::format(
            "INSERT INTO main.{0} (take_id, {1}) SELECT ?, {1} FROM other.{0} WHERE take_id = ?", table, *others));
    }
    return {};
}

Result<void> TwoLogbooks::copyTakes(const std::vector<Newcomer>& takes) {
    if (auto ready = prepareCopies(); !ready) return ready;
    for (const Newcomer& take : takes)
        if (auto done = copyTake(take); !done) return done;
    return {};
}

Result<void> TwoLogbooks::copyTake(const Newcomer& take) const {
    const auto session = sessionOf(take.id);
    if (!session) return tl::unexpected(session.error());
    const auto version = versionOf(take.id);
    if (!version) return tl::unexpected(version.error());
    auto made = runQuery(m_here, m_copyTake.c_str(), {*session, *version, toQt(take.own), take.id});
    if (!made) return tl::unexpected(made.error());
    const qint64 id = made->lastInsertId().toLongLong();
    for (const std::string& copy : m_copyParts)
        if (auto done = run(copy, {id, take.id}); !done) return done;
    return {};
}

Result<int> TwoLogbooks::copyLadders() const {
    const auto cells = columns("ladder", {});
    if (!cells) return tl::unexpected(cells.error());
    const std::string sql = fmt::format(
        "INSERT OR IGNORE INTO main.ladder ({0}) SELECT {0} FROM other.ladder WHERE ? = '' OR exercise_id = ?", *cells);
    auto done = runQuery(m_here, sql.c_str(), {toQt(m_exerciseId), toQt(m_exerciseId)});
    if (!done) return tl::unexpected(done.error());
    return done->numRowsAffected();
}

Result<void> TwoLogbooks::copySets() const {
    if (auto done =
            run("INSERT INTO main.exercise_set (name, wanted_on) SELECT name, wanted_on FROM other.exercise_set o "
                "WHERE NOT EXISTS (SELECT 1 FROM main.exercise_set m WHERE m.name = o.name)");
        !done)
        return done;
    return run(
        "INSERT OR IGNORE INTO main.exercise_in_set (set_id, exercise_id) SELECT m.id, i.exercise_id "
        "FROM other.exercise_in_set i JOIN other.exercise_set o ON o.id = i.set_id JOIN main.exercise_set m "
        "ON m.name = o.name");
}

}  // namespace upbeat
