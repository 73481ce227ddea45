#include "studio/practice_sets.h"

#include <algorithm>
#include <set>

#include "studio/write_access.h"
#include "upbeat/logbook/ladder_repository.h"

namespace upbeat {

PracticeSets::PracticeSets(const With& with) : m_with(with) {
    read();
}

void PracticeSets::read() {
    auto sets = SetRepository(m_with.logbook).all();
    if (sets)
        m_sets = *std::move(sets);
    else
        m_with.notices.complain(sets.error());
    Q_EMIT changed();
}

void PracticeSets::save(const ExerciseSet& set) {
    if (!mayKeep(m_with.folder, m_with.notices)) return;
    if (const auto saved = SetRepository(m_with.logbook).save(set); !saved)
        return m_with.notices.complain(saved.error());
    read();
    m_with.log.tellChanged();
}

void PracticeSets::add(const QString& name, const QDate& wantedOn) {
    save({0, name.toStdString(), wantedOn.toString(Qt::ISODate).toStdString(), {}});
}

void PracticeSets::change(std::size_t index, const QString& name, const QDate& wantedOn) {
    if (index >= m_sets.size()) return;
    ExerciseSet set = m_sets[index];
    set.name = name.toStdString();
    set.wantedOn = wantedOn.toString(Qt::ISODate).toStdString();
    if (set.name != m_sets[index].name || set.wantedOn != m_sets[index].wantedOn) save(set);
}

void PracticeSets::toggle(std::size_t index, const std::string& exerciseId) {
    if (index >= m_sets.size()) return;
    ExerciseSet set = m_sets[index];
    const auto found = std::find(set.exerciseIds.begin(), set.exerciseIds.end(), exerciseId);
    if (found == set.exerciseIds.end())
        set.exerciseIds.push_back(exerciseId);
    else
        set.exerciseIds.erase(found);
    save(set);
    if (!m_forecasts.contains(exerciseId)) foretell(exerciseId);
}

void PracticeSets::remove(std::size_t index) {
    if (index >= m_sets.size() || !mayKeep(m_with.folder, m_with.notices)) return;
    if (const auto removed = SetRepository(m_with.logbook).remove(m_sets[index].id); !removed)
        return m_with.notices.complain(removed.error());
    read();
    m_with.log.tellChanged();
}

void PracticeSets::lookAhead() {
    std::set<std::string> ids;
    for (const ExerciseSet& set : m_sets) ids.insert(set.exerciseIds.begin(), set.exerciseIds.end());
    for (const std::string& id : ids) foretell(id);
}

void PracticeSets::foretell(const std::string& exerciseId) {
    const Exercise* exercise = m_with.shelf.find(exerciseId);
    if (exercise == nullptr) return;
    const auto ladder = LadderRepository(m_with.logbook).find(exerciseId);
    const double goal = ladder && *ladder ? (*ladder)->ladder.goalBpm : exercise->tempo.goal;
    m_foretelling.run(
        [past = pastTakes(m_with.log.takes(exerciseId), QDate::currentDate()), goal] { return forecastOf(past, goal); },
        [this, exerciseId](const std::optional<Forecast>& forecast) {
            m_forecasts[exerciseId] = forecast;
            Q_EMIT changed();
        });
}

PracticeSets::Outlook PracticeSets::outlook(const ExerciseSet& set, const std::string& exerciseId) const {
    const auto found = m_forecasts.find(exerciseId);
    if (found == m_forecasts.end() || !found->second) return Outlook::NotSure;
    const Forecast& forecast = *found->second;
    const auto days = QDate::currentDate().daysTo(QDate::fromString(QString::fromStdString(set.wantedOn), Qt::ISODate));
    if (forecast.late && *forecast.late <= days) return Outlook::ReachesIt;
    return forecast.likely && *forecast.likely <= days ? Outlook::NotSure : Outlook::HardlyReachesIt;
}

}  // namespace upbeat
