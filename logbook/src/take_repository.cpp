#include "upbeat/logbook/take_repository.h"

#include <QSqlDatabase>
#include <QtEndian>
#include <algorithm>

#include "query.h"
#include "upbeat/logbook/exercise_repository.h"

namespace upbeat {

namespace {

QString stamp(const QDateTime& time) {
    return time.toString(Qt::ISODate);
}
QDateTime fromStamp(const QVariant& value) {
    return QDateTime::fromString(value.toString(), Qt::ISODate);
}

QByteArray bytesOf(const BandSteps& steps) {
    return {reinterpret_cast<const char*>(steps.data()), static_cast<qsizetype>(steps.size())};
}

BandSteps stepsFrom(const QByteArray& bytes) {
    BandSteps steps{};
    if (bytes.size() == static_cast<qsizetype>(steps.size())) std::copy(bytes.begin(), bytes.end(), steps.begin());
    return steps;
}

QVariant packed(const BandTrace& trace) {
    if (trace.isEmpty()) return {};
    QByteArray bytes;
    for (const BandSteps& column : trace.columns()) bytes += bytesOf(column);
    return qCompress(bytes);
}

BandTrace unpacked(const QByteArray& bytes, double columnS) {
    constexpr qsizetype kMost = 64 << 20;
    constexpr qsizetype kColumn = kBands;
    BandTrace trace(columnS);
    // The first four bytes say how long the whole is: a damaged file must not ask for all memory.
    if (bytes.size() < 4 || qFromBigEndian<quint32>(bytes.constData()) > kMost) return trace;
    const QByteArray all = qUncompress(bytes);
    for (qsizetype at = 0; at + kColumn <= all.size(); at += kColumn) trace.add(stepsFrom(all.mid(at, kColumn)));
    return trace;
}

Hit hitFrom(const QSqlQuery& row) {
    Hit hit;
    hit.timeS = row.value(0).toDouble();
    hit.levelDb = row.value(1).toDouble();
    hit.strength = row.value(2).toDouble();
    hit.contrastDb = row.value(3).toDouble();
    hit.clipped = row.value(4).toBool();
    hit.voice = voiceFromName(row.value(5).toString().toStdString());
    hit.exact = row.value(6).toBool();
    hit.doubtful = row.value(7).toBool();
    hit.hides = row.value(8).toUInt();
    hit.peakS = row.value(9).toDouble();
    hit.colour = stepsFrom(row.value(10).toByteArray());
    return hit;
}

}  // namespace

Result<qint64> TakeRepository::sessionFor(const StoredTake& take) {
    constexpr int kPauseS = 30 * 60;
    const QDateTime end = take.startedAt.addSecs(static_cast<qint64>(take.durationS) + 1);
    auto latest =
        runQuery(m_logbook, "SELECT id FROM session WHERE ended_at >= ? AND started_at <= ? ORDER BY id DESC LIMIT 1",
                 {stamp(take.startedAt.addSecs(-kPauseS)), stamp(take.startedAt)});
    if (!latest) return tl::unexpected(latest.error());
    if (latest->next()) {
        const qint64 id = latest->value(0).toLongLong();
        auto done =
            runQuery(m_logbook, "UPDATE session SET ended_at = MAX(ended_at, ?) WHERE id = ?", {stamp(end), id});
        if (!done) return tl::unexpected(done.error());
        return id;
    }
    auto made = runQuery(m_logbook, "INSERT INTO session (started_at, ended_at) VALUES (?, ?)",
                         {stamp(take.startedAt), stamp(end)});
    if (!made) return tl::unexpected(made.error());
    return made->lastInsertId().toLongLong();
}

Result<void> TakeRepository::addHits(qint64 id, const StoredTake& take) {
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
        if (auto done = runQuery(m_logbook, "INSERT INTO damaged_span (take_id, from_s, to_s) VALUES (?, ?, ?)",
                                 {id, span.fromS, span.toS});
            !done)
            return tl::unexpected(done.error());
    return {};
}

Result<qint64> TakeRepository::add(const StoredTake& take, const TakeAnalysis& analysis) {
    Transaction transaction(m_logbook);
    const auto version = ExerciseRepository(m_logbook).keep(take.exercise);
    if (!version) return tl::unexpected(version.error());
    const auto session = sessionFor(take);
    if (!session) return tl::unexpected(session.error());
    const RungTake remembered = remember(take.frame.tempoBpm, analysis.gates);
    const QVariant missed = remembered.missed ? QVariant(toQt(std::string(toName(*remembered.missed)))) : QVariant();
    auto inserted = runQuery(
        m_logbook,
        "INSERT INTO take (session_id, exercise_id, exercise_version_id, started_at, tempo_bpm, bars, first_beat_s, "
        "latency_s, duration_s, "
        "sample_rate, device, profile, file, recovered, clean, missed_gate, note, trace, trace_column_s) VALUES (?, ?, "
        "?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)",
        {*session, toQt(take.exercise.id), *version, stamp(take.startedAt), take.frame.tempoBpm, take.frame.bars,
         take.frame.firstBeatS, take.frame.latencyS, take.durationS, take.sampleRate, toQt(take.device),
         toQt(take.profile), toQt(take.file), take.recovered, remembered.clean, missed, toQt(take.note),
         packed(take.trace), take.trace.columnS()});
    if (!inserted) return tl::unexpected(inserted.error());
    const qint64 id = inserted->lastInsertId().toLongLong();
    if (auto done = addHits(id, take); !done) return tl::unexpected(done.error());
    const Verdict& v = analysis.verdict;
    auto verdict =
        runQuery(m_logbook, "INSERT INTO verdict (take_id, action, next_bpm, headline, reason) VALUES (?, ?, ?, ?, ?)",
                 {id, toQt(std::string(toName(v.action))), v.nextTempoBpm, toQt(v.headline), toQt(v.reason)});
    if (!verdict) return tl::unexpected(verdict.error());
    if (auto done = transaction.commit(); !done) return tl::unexpected(done.error());
    return id;
}

Result<StoredTake> TakeRepository::find(qint64 id) const {
    auto row = runQuery(m_logbook,
                        "SELECT exercise_version_id, started_at, tempo_bpm, bars, first_beat_s, latency_s, duration_s, "
                        "sample_rate, device, "
                        "profile, file, recovered, note, trace, trace_column_s FROM take WHERE id = ?",
                        {id});
    if (!row) return tl::unexpected(row.error());
    if (!row->next())
        return fail("this take is not in the logbook any more", m_logbook.file().string(), "choose another");
    const auto exercise = ExerciseRepository(m_logbook).version(row->value(0).toLongLong());
    if (!exercise) return tl::unexpected(exercise.error());
    StoredTake take;
    take.exercise = *exercise;
    take.startedAt = fromStamp(row->value(1));
    take.frame = {
        row->value(2).toDouble(), row->value(4).toDouble(), row->value(3).toInt(), row->value(5).toDouble(), false, {}};
    take.durationS = row->value(6).toDouble();
    take.sampleRate = row->value(7).toInt();
    take.device = row->value(8).toString().toStdString();
    take.profile = row->value(9).toString().toStdString();
    take.file = row->value(10).toString().toStdString();
    take.recovered = row->value(11).toBool();
    take.note = row->value(12).toString().toStdString();
    take.trace = unpacked(row->value(13).toByteArray(), row->value(14).toDouble());
    auto hits = runQuery(m_logbook,
                         "SELECT time_s, level_db, strength, contrast_db, clipped, voice, exact, doubtful, hides, "
                         "peak_s, colour FROM hit "
                         "WHERE take_id = ? ORDER BY number",
                         {id});
    if (!hits) return tl::unexpected(hits.error());
    while (hits->next()) take.hits.push_back(hitFrom(*hits));
    auto spans = runQuery(m_logbook, "SELECT from_s, to_s FROM damaged_span WHERE take_id = ?", {id});
    if (!spans) return tl::unexpected(spans.error());
    while (spans->next()) take.frame.damaged.push_back({spans->value(0).toDouble(), spans->value(1).toDouble()});
    return take;
}

Result<std::vector<TakeSummary>> TakeRepository::list(const std::string& exerciseId, int most) const {
    auto rows = runQuery(m_logbook,
                         "SELECT take.id, take.exercise_id, json_extract(exercise_version.json, '$.title'), "
                         "started_at, tempo_bpm, bars, duration_s, "
                         "clean, missed_gate, headline, note FROM take JOIN exercise_version ON exercise_version.id = "
                         "exercise_version_id "
                         "LEFT JOIN verdict ON take_id = take.id WHERE ? = '' OR take.exercise_id = ? ORDER BY "
                         "started_at DESC, take.id DESC LIMIT ?",
                         {toQt(exerciseId), toQt(exerciseId), most});
    if (!rows) return tl::unexpected(rows.error());
    std::vector<TakeSummary> takes;
    while (rows->next()) {
        const auto text = [&](int column) { return rows->value(column).toString().toStdString(); };
        takes.push_back({rows->value(0).toLongLong(), text(1), text(2), fromStamp(rows->value(3)),
                         rows->value(4).toDouble(), rows->value(5).toInt(), rows->value(6).toDouble(),
                         rows->value(7).toBool(), text(8), text(9), text(10)});
    }
    return takes;
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
