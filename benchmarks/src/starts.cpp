#include "starts.h"

#include <fmt/format.h>

#include <algorithm>
#include <cmath>
#include <nlohmann/json.hpp>

#include "simulated_sets.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/formats/hear_file.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "upbeat/player/render.h"
#include "upbeat/take/start.h"

namespace upbeat::bench {

namespace {

struct TrueStart {
    double tempoBpm = 0;
    double firstBeatS = 0;
    double meanOffsetS = 0;
};

struct StartScore {
    int takes = 0;
    int right = 0;
    int surelyWrong = 0;
    int unsureWrong = 0;
    int byClick = 0;
    std::vector<double> tempoPercent;
    std::vector<double> firstMs;

    void add(const std::optional<TakeStart>& found, const TrueStart& truth) {
        constexpr double kTempoPercent = 0.1;
        ++takes;
        if (!found) {
            ++unsureWrong;
            return;
        }
        const bool click = found->by == StartBy::Click;
        byClick += click ? 1 : 0;
        const double tempo = (found->reading.tempoBpm / truth.tempoBpm - 1) * 100;
        const double first = (found->reading.firstBeatS - truth.firstBeatS - (click ? 0 : truth.meanOffsetS)) * 1e3;
        const bool isRight = std::abs(tempo) <= kTempoPercent && std::abs(first) <= (click ? 2.0 : 5.0);
        right += isRight ? 1 : 0;
        if (!isRight) ++(found->sure ? surelyWrong : unsureWrong);
        tempoPercent.push_back(std::abs(tempo));
        firstMs.push_back(std::abs(first));
    }
};

std::vector<std::string> rowOf(const std::string& name, const StartScore& s) {
    return {name,
            fmt::format("{}", s.takes),
            fmt::format("{:.1f}", 100.0 * s.right / std::max(1, s.takes)),
            fmt::format("{}", s.surelyWrong),
            fmt::format("{}", s.unsureWrong),
            fmt::format("{}", s.byClick),
            s.takes > 0 && !s.tempoPercent.empty() ? fmt::format("{:.3f}", median(s.tempoPercent)) : "-",
            s.takes > 0 && !s.firstMs.empty() ? fmt::format("{:.2f}", median(s.firstMs)) : "-"};
}

Table emptyTable() {
    return {"Tempo and beat 1 without being told",
            {"takes", "number", "right %", "sure and wrong", "not sure, wrong", "by click", "tempo off by %, median",
             "beat 1 off by ms, median"},
            {}};
}

void scoreFolder(const std::filesystem::path& folder, StartScore& score) {
    const auto text = readFile(folder / "truth.json");
    const auto pattern = readPattern(folder / "pattern.mid");
    const auto heard = hearFile(soundOf(folder), std::nullopt, 0);
    if (!text || !pattern || !heard) return;
    const auto truth = nlohmann::json::parse(*text, nullptr, false);
    if (truth.is_discarded()) return;
    double offsets = 0;
    int count = 0;
    for (const auto& hit : truth.at("hits"))
        if (hit.value("role", "") == "main" && hit.contains("offset_ms") && hit["offset_ms"].is_number())
            offsets += hit["offset_ms"].get<double>() * 1e-3, ++count;
    score.add(findStart(*pattern, heard->take.hits),
              {truth.at("tempo_bpm").get<double>(), truth.at("first_beat_s").get<double>(),
               count > 0 ? offsets / count : 0.0});
}

void scoreSimulated(const Exercise& page, std::uint64_t seed, bool click, StartScore& score) {
    constexpr int kPasses = 8;
    constexpr double kLeadS = 0.5;
    const Bpm tempo(0.8 * page.tempo.goal + 0.37);
    Character player;
    player.placementMs = 6;
    const Performance performance = perform(page, tempo, kPasses, player, seed);
    Recording recording;
    recording.kitSeed = seed;
    recording.leadS = kLeadS;
    if (click) {
        recording.leadS = kLeadS + 4 * beatDuration(tempo).value();
        recording.bleed = clickFor(page, tempo);
        recording.bleedDb = -25;
    }
    const RenderedTake take = render(performance, kPasses * passDurationS(page, tempo), recording);
    std::vector<double> offsets;
    for (const TrueHit& hit : take.hits)
        if (hit.played.role == Role::Main) offsets.push_back(hit.timeS - take.firstBeatS - hit.played.gridS);
    score.add(findStart(page, listenTo(take.sound.view(), take.sound.sampleRate).hits),
              {tempo.value(), take.firstBeatS, mean(offsets)});
}

}  // namespace

Table startTable(const std::filesystem::path& set) {
    Table table = emptyTable();
    StartScore score;
    std::vector<std::filesystem::path> folders;
    for (const auto& entry : std::filesystem::directory_iterator(set))
        if (entry.is_directory()) folders.push_back(entry.path());
    for (const auto& folder : folders) scoreFolder(folder, score);
    table.rows.push_back(rowOf(set.filename().string(), score));
    return table;
}

Table startTable() {
    Table table = emptyTable();
    for (const bool click : {false, true})
        for (const char* id : {"singles-sixteenths", "paradiddle-accents", "triplet-accents", "fives-singles",
                               "ghosted-backbeat", "swung-ride", "flam-taps"}) {
            StartScore score;
            for (const std::uint64_t seed : unseenSeeds()) scoreSimulated(*builtInExercise(id), seed, click, score);
            table.rows.push_back(rowOf(fmt::format("{}{}", id, click ? ", click leaks in" : ""), score));
        }
    return table;
}

}  // namespace upbeat::bench
