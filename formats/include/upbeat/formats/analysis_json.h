#pragma once

#include <optional>
#include <string>

#include "upbeat/take/analyze_take.h"
#include "upbeat/take/start.h"

namespace upbeat {

/// What the analysis JSON says about the recording beside the analysis itself.
struct TakeFacts {
    std::string file;
    int sampleRate = 0;
    double durationS = 0;
    std::vector<DamagedSpan> damaged;
    std::optional<TakeStart> start{};  ///< Where tempo and beat 1 were found, not given.
};

/// The JSON of `upbeat-check-cli analyze`, documented in docs/formats/analysis.md.
[[nodiscard]] std::string analysisToJson(const TakeAnalysis& analysis, const TakeFacts& facts);

/// One line a hit: time, level, offset and the note it was matched to.
[[nodiscard]] std::string analysisToCsv(const TakeAnalysis& analysis);

}  // namespace upbeat
