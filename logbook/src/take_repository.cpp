#include "upbeat/logbook/take_repository.h"

#include <QSqlDatabase>
#include <algorithm>
#include <limits>

#include "query.h"
#include "take_blobs.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/logbook/exercise_repository.h"

namespace upbeat {

QDateTime startOf(const TakeRecord& take) {
    return QDateTime::fromString(QString::fromStdString(take.startedAt), Qt::ISODate);
}

std::string stampOf(const QDateTime& time) {
    return time.toString(Qt::ISODate).toStdString();
}

namespace {

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

Hit hitFrom(const Row& row) {
    Hit hit;
    hit.timeS = row.number("time_s");
    hit.levelDb = row.number("level_db");
    hit.strength = row.number("strength");
    hit.contrastDb = row.number("contrast_db");
    hit.clipped = row.flag("clipped");
    hit.voice = voiceFromName(row.text("voice"));
    hit.exact = row.flag("exact");
    hit.doubtful = row.flag("doubtful");
    hit.hides = row.at("hides").toUInt();
    hit.peakS = row.number("peak_s");
    hit.colour = stepsFrom(row.at("colour").toByteArray());
    return hit;
}

TakeSummary summaryFrom(const Row& row) {
    TakeSummary take;
    take.id = row.at("id").toLongLong();
    take.exerciseId = row.text("exercise_id");
    take.title = row.text("title");
    take.startedAt = QDateTime::fromString(row.at("started_at").toString(), Qt::ISODate);
    take.tempoBpm = row.number("tempo_bpm");
    take.bars = row.whole("bars");
    take.durationS = row.number("duration_s");
    take.clean = row.flag("clean");
    take.missedGate = row.text("missed_gate");
    take.headline = row.text("headline");
    take.note = row.text("note");
    return take;
}

Result<std::vector<TakeSummary>> summaries(const Logbook& logbook, const std::string& conditions,
                                           std::initializer_list<QVariant> values = {}) {
    static const std::string kSelect =
        "SELECT take.id AS id, take.exercise_id AS exercise_id, json_extract(exercise_version.json, '$.title') AS "
        "title, started_at, tempo_bpm, bars, duration_s, clean, missed_gate, headline, note FROM take JOIN "
        "exercise_version ON exercise_version.id = exercise_version_id LEFT JOIN verdict ON take_id = take.id ";
    auto rows = runQuery(logbook, (kSelect + conditions).c_str(), values);
    if (!rows) return tl::unexpected(rows.error());
    std::vector<TakeSummary> takes;
    while (rows->next()) takes.push_back(summaryFrom(Row(*rows)));
    return takes;
}

constexpr const char* kNewestFirst = " ORDER BY started_at DESC, take.id DESC";

std::optional<Ladder> ladderFrom(const Row& row) {
    if (row.at("ladder_start").isNull()) return std::nullopt;
    return Ladder{row.number("ladder_start"), row.number("ladder_goal"), row.number("ladder_step"),
                  row.whole("ladder_clean_needed"), row.flag("ladder_stage")};
}

std::vector<Cell> cellsOf(const TakeRecord& take) {
    std::vector<Cell> cells{{"exercise_id", toQt(take.exercise.id)},
                            {"started_at", toQt(take.startedAt)},
                            {"tempo_bpm", take.frame.tempoBpm},
                            {"bars", take.frame.bars},
                            {"first_beat_s", take.frame.firstBeatS},
                            {"latency_s", take.frame.latencyS},
                            {"duration_s", take.durationS},
                            {"sample_rate", take.sampleRate},
                            {"device", toQt(take.device)},
                            {"profile", toQt(take.profile)},
                            {"file", toQt(take.file)},
                            {"recovered", take.recovered},
                            {"note", toQt(take.note)},
                            {"trace", packed(take.trace)},
                            {"trace_column_s", take.trace.columnS()},
                            {"click", toQt(toJson(take.click))},
                            {"click_heard", take.frame.clickBleed},
                            {"counts", take.counts()}};
    if (const auto& ladder = take.ladder)
        cells.insert(cells.end(), {{"ladder_start", ladder->startBpm},
                                   {"ladder_goal", ladder->goalBpm},
                                   {"ladder_step", ladder->stepBpm},
                                   {"ladder_clean_needed", ladder->cleanNeeded},
                                   {"ladder_stage", ladder->stage}});
    return cells;
}

TakeRecord recordFrom(const Row& row, Exercise exercise) {
    TakeRecord take;
    take.exercise = std::move(exercise);
    take.startedAt = row.text("started_at");
    take.frame.tempoBpm = row.number("tempo_bpm");
    take.frame.firstBeatS = row.number("first_beat_s");
    take.frame.bars = row.whole("bars");
    take.frame.latencyS = row.number("latency_s");
    take.frame.clickBleed = row.flag("click_heard");
    take.durationS = row.number("duration_s");
    take.sampleRate = row.whole("sample_rate");
    take.device = row.text("device");
    take.profile = row.text("profile");
    take.file = row.text("file");
    take.recovered = row.flag("recovered");
    take.note = row.text("note");
    take.trace = unpacked(row.at("trace").toByteArray(), row.number("trace_column_s"));
    take.ladder = ladderFrom(row);
    return take;
}

}  // namespace

Result<qint64> TakeRepository::sessionFor(const TakeRecord& take) {
    constexpr int kPauseS = 30 * 60;
    const QDateTime start = startOf(take);
    const auto stamp = [](const QDateTime& time) { return time.toString(Qt::ISODate); };
    const QDateTime end = start.addSecs(static_cast<qint64>(take.durationS) + 1);
    auto latest =
        runQuery(m_logbook, "SELECT id FROM session WHERE ended_at >= ? AND started_at <= ? ORDER BY id DESC LIMIT 1",
                 {stamp(start.addSecs(-kPauseS)), stamp(start)});
    if (!latest) return tl::unexpected(latest.error());
    if (latest->next()) {
        const qint64 id = latest->value(0).toLongLong();
        auto done =
            runQuery(m_logbook, "UPDATE session SET ended_at = MAX(ended_at, ?) WHERE id = ?", {stamp(end), id});
        if (!done) return tl::unexpected(done.error());
        return id;
    }
    return insertRow(m_logbook, "session", {{"started_at", stamp(start)}, {"ended_at", stamp(end)}});
}

Result<void> TakeRepository::addHits(qint64 id, const TakeRecord& take) {
    QSqlQuery insert(QSqlDatabase::database(m_logbook.connection()));
    insert.prepare(
        QStringLiteral("INSERT INTO hit (take_id, number, time_s, level_db, strength, contrast_db, clipped, voice, "
                       "exact, doubtful, hides, "
                       "peak_s, colour) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"));
    int number = 0;
    for (const Hit& hit : take.hits) {
        const QVariantList values{id,
                                  number++,
                                  hit.timeS,
                                  hit.levelDb,
                                  hit.strength,
                                  hit.contrastDb,
                                  hit.clipped,
                                  hit.voice ? QVariant(toQt(std::string(toName(*hit.voice)))) : QVariant(),
                                  hit.exact,
                                  hit.doubtful,
                                  hit.hides,
                                  hit.peakS,
                                  isKnown(hit.colour) ? QVariant(bytesOf(hit.colour)) : QVariant()};
        for (qsizetype i = 0; i < values.size(); ++i) insert.bindValue(static_cast<int>(i), values[i]);
        if (!insert.exec())
            return fail("the hits of a take could not be stored", m_logbook.file().string(), "free some space");
    }
    for (const DamagedSpan& span : take.frame.damaged)
        if (auto done =
                insertRow(m_logbook, "damaged_span", {{"take_id", id}, {"from_s", span.fromS}, {"to_s", span.toS}});
            !done)
            return tl::unexpected(done.error());
    return {};
}

Result<qint64> TakeRepository::add(const TakeRecord& take, const TakeAnalysis& analysis) {
    Transaction transaction(m_logbook);
    if (!take.file.empty()) {
        auto known = runQuery(m_logbook, "SELECT id FROM take WHERE file = ?", {toQt(take.file)});
        if (!known) return tl::unexpected(known.error());
        if (known->next()) return known->value(0).toLongLong();
    }
    const auto version = ExerciseRepository(m_logbook).keep(take.exercise);
    if (!version) return tl::unexpected(version.error());
    const auto session = sessionFor(take);
    if (!session) return tl::unexpected(session.error());
    const RungTake remembered = remember(take.frame.tempoBpm, analysis.gates);
    std::vector<Cell> cells = cellsOf(take);
    cells.insert(
        cells.end(),
        {{"session_id", *session},
         {"exercise_version_id", *version},
         {"clean", remembered.clean},
         {"missed_gate", remembered.missed ? QVariant(toQt(std::string(toName(*remembered.missed)))) : QVariant()}});
    const auto id = insertRow(m_logbook, "take", cells);
    if (!id) return id;
    if (auto done = addHits(*id, take); !done) return tl::unexpected(done.error());
    const Verdict& v = analysis.verdict;
    auto verdict = insertRow(m_logbook, "verdict",
                             {{"take_id", *id},
                              {"action", toQt(std::string(toName(v.action)))},
                              {"next_bpm", v.nextTempoBpm},
                              {"headline", toQt(v.headline)},
                              {"reason", toQt(v.reason)}});
    if (!verdict) return verdict;
    if (auto done = transaction.commit(); !done) return tl::unexpected(done.error());
    return id;
}

Result<TakeRecord> TakeRepository::find(qint64 id) const {
    auto found = runQuery(m_logbook, "SELECT * FROM take WHERE id = ?", {id});
    if (!found) return tl::unexpected(found.error());
    if (!found->next())
        return fail("this take is not in the logbook any more", m_logbook.file().string(), "choose another");
    const Row row(*found);
    const auto exercise = ExerciseRepository(m_logbook).version(row.at("exercise_version_id").toLongLong());
    if (!exercise) return tl::unexpected(exercise.error());
    TakeRecord take = recordFrom(row, *exercise);
    take.click = clickFor(take.exercise, Bpm(take.frame.tempoBpm));  // takes of older versions do not tell theirs
    if (const std::string click = row.text("click"); !click.empty()) {
        auto known = clickFromJson(click, take.exercise, m_logbook.file().string());
        if (!known) return tl::unexpected(known.error());
        take.click = *std::move(known);
    }
    if (auto done = readHits(id, take); !done) return tl::unexpected(done.error());
    if (auto sound = check(take); !sound) {
        sound.error().where = m_logbook.file().string();
        return tl::unexpected(sound.error());
    }
    return take;
}

Result<void> TakeRepository::readHits(qint64 id, TakeRecord& take) const {
    auto hits = runQuery(m_logbook, "SELECT * FROM hit WHERE take_id = ? ORDER BY number", {id});
    if (!hits) return tl::unexpected(hits.error());
    while (hits->next()) take.hits.push_back(hitFrom(Row(*hits)));
    auto spans = runQuery(m_logbook, "SELECT from_s, to_s FROM damaged_span WHERE take_id = ?", {id});
    if (!spans) return tl::unexpected(spans.error());
    while (spans->next()) take.frame.damaged.push_back({spans->value(0).toDouble(), spans->value(1).toDouble()});
    return {};
}

Result<std::vector<TakeSummary>> TakeRepository::list(const std::string& exerciseId) const {
    if (exerciseId.empty()) return summaries(m_logbook, kNewestFirst);
    return summaries(m_logbook, std::string("WHERE take.exercise_id = ?") + kNewestFirst, {toQt(exerciseId)});
}

Result<std::vector<TakeSummary>> TakeRepository::page(const std::optional<TakeMoment>& before, int most) const {
    const std::string order = std::string(kNewestFirst) + " LIMIT ?";
    if (!before) return summaries(m_logbook, order, {most});
    return summaries(m_logbook, "WHERE (started_at, take.id) < (?, ?)" + order,
                     {toQt(before->startedAt), before->id, most});
}

Result<qint64> TakeRepository::newestOf(const std::string& exerciseId) const {
    auto row =
        runQuery(m_logbook, "SELECT id FROM take WHERE exercise_id = ? ORDER BY started_at DESC, id DESC LIMIT 1",
                 {toQt(exerciseId)});
    if (!row) return tl::unexpected(row.error());
    return row->next() ? row->value(0).toLongLong() : 0;
}

Result<std::vector<qint64>> TakeRepository::newestOfAll() const {
    auto rows = runQuery(m_logbook,
                         "SELECT id FROM (SELECT id, ROW_NUMBER() OVER (PARTITION BY exercise_id ORDER BY started_at "
                         "DESC, id DESC) AS place FROM take) WHERE place = 1");
    if (!rows) return tl::unexpected(rows.error());
    std::vector<qint64> ids;
    while (rows->next()) ids.push_back(rows->value(0).toLongLong());
    return ids;
}

Result<std::vector<PlayedTime>> TakeRepository::days() const {
    auto rows = runQuery(m_logbook,
                         "SELECT substr(started_at, 1, 10) AS day, COUNT(*), SUM(duration_s) FROM take GROUP BY day "
                         "ORDER BY day DESC");
    if (!rows) return tl::unexpected(rows.error());
    std::vector<PlayedTime> days;
    while (rows->next())
        days.push_back({QDate::fromString(rows->value(0).toString(), Qt::ISODate), rows->value(1).toInt(),
                        rows->value(2).toDouble()});
    return days;
}

Result<PlayedTime> TakeRepository::total(const std::optional<QDate>& since) const {
    const QString from = since ? since->toString(Qt::ISODate) : QStringLiteral("");
    auto row = runQuery(m_logbook, "SELECT COUNT(*), SUM(duration_s) FROM take WHERE started_at >= ?", {from});
    if (!row) return tl::unexpected(row.error());
    if (!row->next()) return PlayedTime{};
    return PlayedTime{{}, row->value(0).toInt(), row->value(1).toDouble()};
}

Result<std::vector<std::pair<std::string, double>>> TakeRepository::cleanTempos() const {
    auto rows = runQuery(m_logbook, "SELECT exercise_id, MAX(tempo_bpm) FROM take WHERE clean GROUP BY exercise_id");
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

Result<void> TakeRepository::setNote(qint64 id, const std::string& note) {
    auto done = runQuery(m_logbook, "UPDATE take SET note = ? WHERE id = ?", {toQt(note), id});
    if (!done) return tl::unexpected(done.error());
    return {};
}

Result<int> TakeRepository::count() const {
    auto row = runQuery(m_logbook, "SELECT COUNT(*) FROM take");
    if (!row) return tl::unexpected(row.error());
    return row->next() ? row->value(0).toInt() : 0;
}

}  // namespace upbeat
