#pragma once

#include <QtGlobal>
#include <string>
#include <vector>

#include "upbeat/units/error.h"

namespace upbeat {

class Logbook;

/// Exercises that somebody wants to have by a day: a lesson, a gig, a page of a book.
struct ExerciseSet {
    qint64 id = 0;
    std::string name;
    std::string wantedOn;                  ///< An ISO 8601 date.
    std::vector<std::string> exerciseIds;  ///< In order of their ids.
};

class SetRepository {
  public:
    explicit SetRepository(const Logbook& logbook) : m_logbook(logbook) {}

    /// In order of their days.
    [[nodiscard]] Result<std::vector<ExerciseSet>> all() const;
    /// A new one where its id is 0; gives its id.
    [[nodiscard]] Result<qint64> save(const ExerciseSet& set);
    [[nodiscard]] Result<void> remove(qint64 id);

  private:
    const Logbook& m_logbook;
};

}  // namespace upbeat
