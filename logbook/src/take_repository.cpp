#include "upbeat/logbook/take_repository.h"

#include <QSqlDatabase>

#include "take_blobs.h"
#include "take_rows.h"
#include "upbeat/formats/take_sidecar.h"
#include "upbeat/logbook/exercise_repository.h"
#include "upbeat/logbook/query.h"
#include "upbeat/logbook/seals.h"

namespace upbeat {

QDateTime startOf(const TakeRecord& take) {
    return QDateTime::fromString(QString::fromStdString(take.startedAt), Qt::ISODate);
}

std::string stampOf(const QDateTime& time) {
    return time.toString(Qt::ISODate).toStdString();
}

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
                       "exact, doubtful, hides, foreign_sound, "
                       "peak_s, colour) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"));
    int number = 0;
    for (const Hit& hit : take.hits) {
        const QVariantList values{id,           number++,
                                  hit.timeS,    hit.levelDb,
                                  hit.strength, hit.contrastDb,
                                  hit.clipped,  hit.voice ? QVariant(toQt(toName(*hit.voice))) : QVariant(),
                                  hit.exact,    hit.doubtful,
                                  hit.hides,    hit.refused ? kRefusedSound : static_cast<int>(hit.foreign),
                                  hit.peakS,    isKnown(hit.colour) ? QVariant(bytesOf(hit.colour)) : QVariant()};
        for (qsizetype i = 0; i < values.size(); ++i) insert.bindValue(static_cast<int>(i), values[i]);
        if (!insert.exec())
            return fail(UPBEAT_TEXT("the hits of a take could not be stored"), m_logbook.file().string(),
                        UPBEAT_TEXT("free some space"));
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
    const bool counts = take.counts() && !analysis.matched.clickInstead;
    std::vector<Cell> cells = cellsOf(take);
    cells.insert(cells.end(),
                 {{"session_id", *session},
                  {"exercise_version_id", *version},
                  {"counts", counts},
                  {"clean", remembered.clean && counts},
                  {"missed_gate", remembered.missed ? QVariant(toQt(toName(*remembered.missed))) : QVariant()}});
    auto id = insertRow(m_logbook, "take", cells);
    if (!id) return id;
    if (auto done = addHits(*id, take); !done) return tl::unexpected(done.error());
    if (auto done = addVerdict(*id, analysis); !done) return tl::unexpected(done.error());
    if (auto done = addFindings(*id, analysis); !done) return tl::unexpected(done.error());
    if (auto done = Seals(m_logbook).seal(*id); !done) return tl::unexpected(done.error());
    if (auto done = transaction.commit(); !done) return tl::unexpected(done.error());
    return id;
}

Result<TakeRecord> TakeRepository::find(qint64 id) const {
    auto found = runQuery(m_logbook, "SELECT * FROM take WHERE id = ?", {id});
    if (!found) return tl::unexpected(found.error());
    if (!found->next())
        return fail(UPBEAT_TEXT("this take is not in the logbook any more"), m_logbook.file().string(),
                    UPBEAT_TEXT("choose another"));
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

Result<void> TakeRepository::setNote(qint64 id, const std::string& note) {
    auto done = runQuery(m_logbook, "UPDATE take SET note = ? WHERE id = ?", {toQt(note), id});
    if (!done) return tl::unexpected(done.error());
    return {};
}

}  // namespace upbeat
