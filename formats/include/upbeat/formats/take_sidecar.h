#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "upbeat/align/matched_take.h"
#include "upbeat/music/click_plan.h"

namespace upbeat {

/// The JSON file beside a take's FLAC: enough to analyse it again without the logbook.
struct TakeSidecar {
    Exercise exercise;  ///< As it was when the take was played.
    ClickPlan click;
    int bars = 0;           ///< Bars played.
    double firstBeatS = 0;  ///< In the recording.
    double latencyS = 0;
    std::string device;
    std::string startedAt;  ///< ISO 8601, local time with offset.
    int sampleRate = 48000;
    std::vector<DamagedSpan> damaged;
    std::vector<Hit> hits;
};

[[nodiscard]] std::string toJson(const TakeSidecar& sidecar);
[[nodiscard]] Result<TakeSidecar> sidecarFromJson(std::string_view text, const std::string& where);
[[nodiscard]] Result<TakeSidecar> readSidecar(const std::filesystem::path& path);

}  // namespace upbeat
