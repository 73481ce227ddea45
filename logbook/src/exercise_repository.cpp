#include "upbeat/logbook/exercise_repository.h"

#include "upbeat/formats/exercise_json.h"
#include "upbeat/logbook/query.h"

namespace upbeat {

Result<qint64> ExerciseRepository::keep(const Exercise& exercise) {
    const QString id = toQt(exercise.id);
    const QString json = toQt(toJson(exercise));
    auto newest = runQuery(
        m_logbook, "SELECT id, version, json FROM exercise_version WHERE exercise_id = ? ORDER BY version DESC LIMIT 1",
        {id});
    if (!newest) return tl::unexpected(newest.error());
    int version = 1;
    if (newest->next()) {
        if (newest->value(2).toString() == json) return newest->value(0).toLongLong();
        version = newest->value(1).toInt() + 1;
    }
    auto inserted = runQuery(m_logbook, "INSERT INTO exercise_version (exercise_id, version, json) VALUES (?, ?, ?)",
                             {id, version, json});
    if (!inserted) return tl::unexpected(inserted.error());
    return inserted->lastInsertId().toLongLong();
}

Result<Exercise> ExerciseRepository::version(qint64 versionId) const {
    auto found = runQuery(m_logbook, "SELECT json FROM exercise_version WHERE id = ?", {versionId});
    if (!found) return tl::unexpected(found.error());
    if (!found->next())
        return fail(UPBEAT_TEXT("an exercise is missing"), m_logbook.file().string(),
                    UPBEAT_TEXT("restore the logbook from a copy"));
    return exerciseFromJson(found->value(0).toString().toStdString(), m_logbook.file().string());
}

Result<std::optional<Exercise>> ExerciseRepository::newest(const std::string& exerciseId) const {
    auto found =
        runQuery(m_logbook, "SELECT json FROM exercise_version WHERE exercise_id = ? ORDER BY version DESC LIMIT 1",
                 {toQt(exerciseId)});
    if (!found) return tl::unexpected(found.error());
    if (!found->next()) return std::optional<Exercise>();
    auto exercise = exerciseFromJson(found->value(0).toString().toStdString(), m_logbook.file().string());
    if (!exercise) return tl::unexpected(exercise.error());
    return std::optional(*std::move(exercise));
}

Result<std::vector<Exercise>> ExerciseRepository::newest() const {
    auto rows = runQuery(m_logbook, "SELECT json, MAX(version) FROM exercise_version GROUP BY exercise_id");
    if (!rows) return tl::unexpected(rows.error());
    std::vector<Exercise> exercises;
    while (rows->next()) {
        auto exercise = exerciseFromJson(rows->value(0).toString().toStdString(), m_logbook.file().string());
        if (!exercise) return tl::unexpected(exercise.error());
        exercises.push_back(*std::move(exercise));
    }
    return exercises;
}

}  // namespace upbeat
