#include "studio/take_log.h"

#include <algorithm>

#include "upbeat/logbook/exercise_repository.h"

namespace upbeat {

std::vector<TakeSummary> TakeLog::takes(const std::string& exerciseId) const {
    return orNothing(TakeRepository(m_logbook).list(exerciseId));
}

std::vector<TakeSummary> TakeLog::page(const std::optional<TakeMoment>& before, int most,
                                       const TakeSearch& search) const {
    return orNothing(TakeRepository(m_logbook).page(before, most, search));
}

std::vector<PlayedTime> TakeLog::days(const TakeSearch& search) const {
    return orNothing(TakeRepository(m_logbook).days(search));
}

PlayedTime TakeLog::total(const std::optional<QDate>& since) const {
    return orNothing(TakeRepository(m_logbook).total(since));
}

std::vector<std::pair<std::string, double>> TakeLog::cleanTempos() const {
    return orNothing(TakeRepository(m_logbook).cleanTempos());
}

std::vector<FigureOfTake> TakeLog::figures(const std::string& exerciseId, const std::string& figure) const {
    return orNothing(TakeRepository(m_logbook).figuresOf(exerciseId, figure));
}

std::vector<ExerciseInWork> TakeLog::inWork(const FindExercise& find, const QDate& today) const {
    return orNothing(exercisesInWork(m_logbook, find, today.toString(Qt::ISODate).toStdString()));
}

std::optional<Exercise> TakeLog::playedLast(const std::string& exerciseId) const {
    return orNothing(ExerciseRepository(m_logbook).newest(exerciseId));
}

std::vector<PastTake> pastTakes(const std::vector<TakeSummary>& newestFirst, const QDate& today) {
    std::vector<PastTake> all;
    for (auto take = newestFirst.rbegin(); take != newestFirst.rend(); ++take) {
        const double clean = take->clean ? 1 : (take->missedGate.empty() ? 0.5 : 0);
        const auto daysAgo = std::max<qint64>(0, take->startedAt.date().daysTo(today));
        if (!take->simulated) all.push_back({take->tempoBpm, static_cast<int>(daysAgo), clean});
    }
    return all;
}

}  // namespace upbeat
