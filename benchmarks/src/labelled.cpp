#include "labelled.h"

#include <chrono>
#include <nlohmann/json.hpp>

#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/audio_file.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/signal/take_listener.h"
#include "upbeat/take/click_marks.h"

namespace upbeat::bench {

namespace {

Label labelFromJson(const nlohmann::json& json) {
    Label label;
    label.timeS = json.at("time_s").get<double>();
    label.levelDb = json.value("level_db", 0.0);
    label.contrastDb = json.value("contrast_db", 100.0);
    label.voice = json.value("voice", "");
    label.stroke = json.value("stroke", "");
    label.role = json.value("role", "main");
    if (json.contains("grid_time_s") && json["grid_time_s"].is_number())
        label.gridS = json["grid_time_s"].get<double>();
    return label;
}

}  // namespace

std::filesystem::path soundOf(const std::filesystem::path& folder) {
    const auto flac = folder / "take.flac";
    return std::filesystem::exists(flac) ? flac : folder / "take.wav";
}

Result<LabelledTake> readLabelled(const std::filesystem::path& folder) {
    LabelledTake take;
    take.name = folder.filename().string();
    const auto truthText = readFile(folder / "truth.json");
    if (!truthText) return tl::unexpected(truthText.error());
    const auto truth = nlohmann::json::parse(*truthText, nullptr, false);
    if (truth.is_discarded()) return fail("the truth is not JSON", folder.string());
    for (const auto& hit : truth.at("hits")) take.labels.push_back(labelFromJson(hit));
    std::sort(take.labels.begin(), take.labels.end(), [](const Label& a, const Label& b) { return a.timeS < b.timeS; });
    take.family = truth.value("family", "simulated");
    take.condition = truth.value("condition", "clean");
    if (truth.contains("swing") && truth["swing"].is_object())
        take.swingTruth = truth["swing"].value("realised_ratio", 0.0);

    auto pattern = readPattern(folder / "pattern.mid");
    if (!pattern) return tl::unexpected(pattern.error());
    if (take.swingTruth > 0) pattern->feel.level = SwingLevel::None;  // the file is written as it sounds
    const auto sound = readSound(soundOf(folder));
    if (!sound) return tl::unexpected(sound.error());
    take.durationS = sound->durationS();
    const TakeFrame frame{truth.at("tempo_bpm").get<double>(),
                          truth.at("first_beat_s").get<double>(),
                          truth.value("bars", 1),
                          0,
                          truth.value("clicks_audible", false),
                          {}};
    const auto start = std::chrono::steady_clock::now();
    std::vector<ClickMark> clicks;
    take.clicks = frame.clickBleed;
    if (take.clicks) {
        const ClickPlan plan = clickFor(*pattern, Bpm(frame.tempoBpm));
        clicks = clickMarks(plan, frame.firstBeatS, take.durationS);
    }
    const auto hits = detectHits(sound->view(), sound->sampleRate, std::move(clicks));
    take.analysis = analyzeTake(*pattern, frame, hits, {Profile(), ladderOf(*pattern), {}});
    take.analysisS = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
    return take;
}

}  // namespace upbeat::bench
