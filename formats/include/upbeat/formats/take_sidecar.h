#pragma once

#include <filesystem>
#include <string>

#include "upbeat/take/take_record.h"

namespace upbeat {

/// The JSON file beside a take's FLAC: enough to measure it again without the logbook and without the sound.
[[nodiscard]] std::string toJson(const TakeRecord& take);
/// The file's own name and the note are not in it. What is out of range is an error, as check(TakeRecord) says.
[[nodiscard]] Result<TakeRecord> sidecarFromJson(std::string_view text, const std::string& where);
[[nodiscard]] Result<TakeRecord> readSidecar(const std::filesystem::path& path);

/// A click alone, as it stands in the sidecar and in the logbook.
[[nodiscard]] std::string toJson(const ClickPlan& click);
[[nodiscard]] Result<ClickPlan> clickFromJson(std::string_view text, const Exercise& exercise,
                                              const std::string& where);

}  // namespace upbeat
