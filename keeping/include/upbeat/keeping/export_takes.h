#pragma once

#include <filesystem>
#include <vector>

#include "upbeat/keeping/log_export.h"

namespace upbeat {

struct ExportedTakes {
    int takes = 0;
    int silent = 0;  ///< Without a recording: it is not there any more.
};

/// Each take as files for other programs, in a folder that is made where there is none: the recording (FLAC), its hits
/// (CSV), what was played (MIDI), the page with the deviations (MusicXML) and everything that was measured (JSON), all
/// by the name of the recording. Files of that name are written over. What was measured is as on the day of the take.
[[nodiscard]] Result<ExportedTakes> exportTakes(const DataFolder& folder, const std::vector<long long>& takes,
                                                const std::filesystem::path& into);
/// The same of all takes within a wish.
[[nodiscard]] Result<ExportedTakes> exportTakes(const DataFolder& folder, const LogWish& wish,
                                                const std::filesystem::path& into);

}  // namespace upbeat
