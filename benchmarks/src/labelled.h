#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "upbeat/music/exercise.h"
#include "upbeat/signal/hit.h"
#include "upbeat/take/analyze_take.h"

namespace upbeat::bench {

/// A hit as the maker of the take knows it.
struct Label {
    double timeS = 0;
    double levelDb = 0;
    double contrastDb = 100;  ///< Below 3 dB it is buried and counts neither way.
    std::string voice;
    std::string stroke;
    std::string role = "main";
    double gridS = 0;  ///< For matching errors: where the page has it; 0 unknown.
};

/// One take with known truth and what the program made of it.
struct LabelledTake {
    std::string name;
    std::string family;
    std::string condition;
    double durationS = 0;
    bool clicks = false;  ///< Audible in the recording.
    std::vector<Label> labels;
    TakeAnalysis analysis;
    double swingTruth = 0;  ///< Realised ratio; 0 where not swung.
    double analysisS = 0;   ///< Time spent from samples to verdict.
};

/// The recording of one folder.
[[nodiscard]] std::filesystem::path soundOf(const std::filesystem::path& folder);

/// Reads `take.flac` or `take.wav`, `pattern.mid` and `truth.json` of one folder and analyses the take.
[[nodiscard]] Result<LabelledTake> readLabelled(const std::filesystem::path& folder);

}  // namespace upbeat::bench
