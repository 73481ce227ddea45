#pragma once

#include <functional>
#include <vector>

#include "upbeat/logbook/data_folder.h"

namespace upbeat {

/// What an inspection of a whole folder found.
struct Inspection {
    int takes = 0;                ///< Those in the trash included.
    int recordings = 0;           ///< Whose sound was read.
    std::vector<Error> troubles;  ///< One sentence each: what, where, what to do.
};

/// Reads all there is and changes nothing: the logbook page by page, every take of it and of the trash, its recording
/// (all of the sound where `withSound`) and its sidecar. `goesOn` is told the share that is done, and stops it with
/// false.
[[nodiscard]] Inspection inspect(const DataFolder& folder, bool withSound,
                                 const std::function<bool(double share)>& goesOn = {});

}  // namespace upbeat
