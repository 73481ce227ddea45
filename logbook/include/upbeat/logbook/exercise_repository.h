#pragma once

#include <optional>
#include <string>
#include <vector>

#include "upbeat/logbook/logbook.h"
#include "upbeat/music/exercise.h"

namespace upbeat {

/// Exercises of the user and every version that was ever played.
class ExerciseRepository {
  public:
    explicit ExerciseRepository(const Logbook& logbook) : m_logbook(logbook) {}

    /// The id of the version equal to this exercise; a new version is made when the content changed.
    [[nodiscard]] Result<qint64> keep(const Exercise& exercise);
    [[nodiscard]] Result<Exercise> version(qint64 versionId) const;
    /// The newest version of one; none where it was never played.
    [[nodiscard]] Result<std::optional<Exercise>> newest(const std::string& exerciseId) const;
    /// The newest version of every exercise in the logbook, by title.
    [[nodiscard]] Result<std::vector<Exercise>> newest() const;

  private:
    const Logbook& m_logbook;
};

}  // namespace upbeat
