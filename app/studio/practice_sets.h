#pragma once

#include <QDate>
#include <QObject>
#include <map>
#include <optional>

#include "studio/shelf.h"
#include "studio/take_log.h"
#include "studio/worker.h"
#include "upbeat/logbook/set_repository.h"
#include "upbeat/season/forecast.h"

namespace upbeat {

/// The player's sets, each with the day it is wanted on, and whether every exercise will have reached its tempo by
/// then.
class PracticeSets : public QObject {
    Q_OBJECT
  public:
    /// What it works with outlives it.
    struct With {
        const Logbook& logbook;
        const DataFolder& folder;
        const Shelf& shelf;
        TakeLog& log;
        Notices& notices;
    };
    explicit PracticeSets(const With& with);

    [[nodiscard]] const std::vector<ExerciseSet>& all() const { return m_sets; }
    void add(const QString& name, const QDate& wantedOn);
    void change(std::size_t set, const QString& name, const QDate& wantedOn);
    /// Puts an exercise in, or takes it out.
    void toggle(std::size_t set, const std::string& exerciseId);
    void remove(std::size_t set);

    enum class Outlook { NotSure, ReachesIt, HardlyReachesIt };
    /// As the forecast of the exercise says, once it is known; see `lookAhead`.
    [[nodiscard]] Outlook outlook(const ExerciseSet& set, const std::string& exerciseId) const;
    /// Foretells what is in sets, beside the window.
    void lookAhead();

  Q_SIGNALS:
    void changed();

  private:
    void read();
    void save(const ExerciseSet& set);
    void foretell(const std::string& exerciseId);

    With m_with;
    std::vector<ExerciseSet> m_sets;
    std::map<std::string, std::optional<Forecast>> m_forecasts;
    Worker m_foretelling;  // takes are not kept waiting by it
};

}  // namespace upbeat
