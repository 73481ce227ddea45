#pragma once

#include <QObject>
#include <optional>
#include <utility>
#include <vector>

#include "studio/notices.h"
#include "upbeat/logbook/practice_past.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/season/ceiling.h"

namespace upbeat {

/// The takes of the log as lists, days and totals. Short questions to SQLite: for the interface
/// thread. What cannot be read is said and shows as nothing.
class TakeLog : public QObject {
    Q_OBJECT
  public:
    /// The logbook and the notices outlive it.
    TakeLog(const Logbook& logbook, Notices& notices) : m_logbook(logbook), m_notices(notices) {}

    /// Newest first; of one exercise, or of all.
    [[nodiscard]] std::vector<TakeSummary> takes(const std::string& exerciseId = {}) const;
    [[nodiscard]] std::vector<TakeSummary> page(const std::optional<TakeMoment>& before, int most,
                                                const TakeSearch& search = {}) const;
    [[nodiscard]] std::vector<PlayedTime> days(const TakeSearch& search = {}) const;
    [[nodiscard]] PlayedTime total(const std::optional<QDate>& since = {}) const;
    /// The fastest clean take of every exercise.
    [[nodiscard]] std::vector<std::pair<std::string, double>> cleanTempos() const;
    /// A main figure of an exercise over its takes, oldest first.
    [[nodiscard]] std::vector<FigureOfTake> figures(const std::string& exerciseId, const std::string& figure) const;
    /// What was played of every exercise day by day, for the plan.
    [[nodiscard]] std::vector<ExerciseInWork> inWork(const FindExercise& find, const QDate& today) const;
    /// As it was played last; none where it never was.
    [[nodiscard]] std::optional<Exercise> playedLast(const std::string& exerciseId) const;
    /// Takes have come in from elsewhere.
    void tellChanged() { Q_EMIT changed(); }

  Q_SIGNALS:
    void changed();

  private:
    template <class Value>
    [[nodiscard]] Value orNothing(Result<Value> answer) const {
        if (answer) return *std::move(answer);
        m_notices.complain(answer.error());
        return Value();
    }

    const Logbook& m_logbook;
    Notices& m_notices;
};

/// As the ceiling looks at them: oldest first, those of the simulated player left out. `newestFirst`: of one exercise.
[[nodiscard]] std::vector<PastTake> pastTakes(const std::vector<TakeSummary>& newestFirst, const QDate& today);

}  // namespace upbeat
