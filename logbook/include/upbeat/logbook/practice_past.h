#pragma once

#include <filesystem>
#include <functional>
#include <string>
#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/routine/plan.h"
#include "upbeat/units/error.h"

namespace upbeat {

class Logbook;

/// Finds an exercise by its id; null where there is none.
using FindExercise = std::function<const Exercise*(const std::string&)>;

/// An exercise that nothing was played of so far.
[[nodiscard]] ExerciseInWork notPlayedYet(const Exercise& exercise);

/// What was played of every exercise, day by day, for the plan: those that `find` knows, with their ladders as they
/// stand. `today` is an ISO 8601 date. Takes of the simulated player and those that count for no ladder are left out.
[[nodiscard]] Result<std::vector<ExerciseInWork>> exercisesInWork(const Logbook& logbook, const FindExercise& find,
                                                                  const std::string& today);

/// The same of a data folder, which is only read: built-in exercises and the player's own. Nothing where nothing was
/// ever kept in it.
[[nodiscard]] Result<std::vector<ExerciseInWork>> exercisesInWork(const std::filesystem::path& folder,
                                                                  const std::string& today);

/// The player's own data folder, XDG_DATA_HOME/upbeat-check.
[[nodiscard]] std::filesystem::path ownDataFolder();

}  // namespace upbeat
