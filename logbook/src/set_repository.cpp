#include "upbeat/logbook/set_repository.h"

#include <algorithm>

#include "upbeat/logbook/query.h"

namespace upbeat {

Result<std::vector<ExerciseSet>> SetRepository::all() const {
    auto rows = runQuery(m_logbook,
                         "SELECT id, name, wanted_on, exercise_id FROM exercise_set LEFT JOIN exercise_in_set ON "
                         "set_id = id ORDER BY wanted_on, id, exercise_id");
    if (!rows) return tl::unexpected(rows.error());
    std::vector<ExerciseSet> sets;
    while (rows->next()) {
        const qint64 id = rows->value(0).toLongLong();
        if (sets.empty() || sets.back().id != id)
            sets.push_back({id, rows->value(1).toString().toStdString(), rows->value(2).toString().toStdString(), {}});
        if (!rows->value(3).isNull()) sets.back().exerciseIds.push_back(rows->value(3).toString().toStdString());
    }
    return sets;
}

Result<qint64> SetRepository::save(const ExerciseSet& set) {
    Transaction transaction(m_logbook);
    qint64 id = set.id;
    if (id == 0) {
        const auto made =
            insertRow(m_logbook, "exercise_set", {{"name", toQt(set.name)}, {"wanted_on", toQt(set.wantedOn)}});
        if (!made) return made;
        id = *made;
    } else if (const auto done = runQuery(m_logbook, "UPDATE exercise_set SET name = ?, wanted_on = ? WHERE id = ?",
                                          {toQt(set.name), toQt(set.wantedOn), id});
               !done) {
        return tl::unexpected(done.error());
    }
    if (const auto done = runQuery(m_logbook, "DELETE FROM exercise_in_set WHERE set_id = ?", {id}); !done)
        return tl::unexpected(done.error());
    for (const std::string& exercise : set.exerciseIds)
        if (const auto done =
                insertRow(m_logbook, "exercise_in_set", {{"set_id", id}, {"exercise_id", toQt(exercise)}});
            !done)
            return done;
    if (auto done = transaction.commit(); !done) return tl::unexpected(done.error());
    return id;
}

Result<void> SetRepository::remove(qint64 id) {
    if (const auto done = runQuery(m_logbook, "DELETE FROM exercise_set WHERE id = ?", {id}); !done)
        return tl::unexpected(done.error());
    return {};
}

}  // namespace upbeat
