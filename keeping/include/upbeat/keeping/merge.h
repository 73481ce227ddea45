#pragma once

#include <string>

#include "upbeat/keeping/backup.h"

namespace upbeat {

/// What a merge brought.
struct Merged {
    int takes = 0;      ///< That are new here.
    int known = 0;      ///< That were here already.
    int exercises = 0;  ///< Ladders of exercises that had none here.
};

/// Brings the takes of a backup into a logbook that has others, of one exercise or all of them: the way back of what
/// was removed, and the way to put the logbooks of two machines together. A take is known by its exercise, the moment
/// it was started, its tempo and its length; what is known stays as it is here. Ladders, sets, exercises and kits come
/// where there are none. Recordings come first and the rows in one transaction: cut short, it is done again.
[[nodiscard]] Result<Merged> merge(const std::filesystem::path& backup, const DataFolder& folder,
                                   const std::string& exerciseId = {});

}  // namespace upbeat
