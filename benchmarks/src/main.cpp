// Prints the benchmark tables: the window, speed, coverage, findings, accuracy on simulated takes (one of them with
// --only NAME), or accuracy on a labelled set (--set DIR).
#include <fmt/format.h>
#include <span>

#include <QApplication>

#include <algorithm>
#include <cmath>
#include <filesystem>
#include <functional>
#include <map>
#include <optional>

#include "bleed.h"
#include "climbs.h"
#include "coverage.h"
#include "faults.h"
#include "forecasts.h"
#include "logbook_speed.h"
#include "long_recording.h"
#include "loops.h"
#include "opening.h"
#include "pieces.h"
#include "rests.h"
#include "room_sounds.h"
#include "routines.h"
#include "score.h"
#include "season_speed.h"
#include "seasons.h"
#include "simulated_sets.h"
#include "speed.h"
#include "starts.h"
#include "table.h"
#include "unisons.h"
#include "upbeat/formats/atomic_file.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "voices.h"
#include "window_speed.h"

namespace upbeat::bench {

namespace {

const std::vector<std::string> kColumns{
    "takes",       "F",      "lost",   "extra",       "onset sd ms",         "voice medians ms",
    "level sd dB", "ghosts", "graces", "grace sd ms", "mismatched per 1000", "swing off by"};

std::string share(int part, int whole) {
    return whole > 0 ? fmt::format("{:.3f}", 1.0 * part / whole) : "-";
}

std::string farthest(const std::vector<double>& errors) {
    double most = 0;
    for (const double e : errors) most = std::max(most, std::abs(e));
    return errors.empty() ? "-" : fmt::format("{:.4f}", most);
}

std::vector<std::string> rowOf(const std::string& name, const Score& s) {
    const auto [low, high] = s.voiceMediansMs();
    return {name,
            fmt::format("{:.4f}", s.f()),
            fmt::format("{}", s.lost),
            fmt::format("{}", s.extra),
            fmt::format("{:.3f}", s.onsetDeviationMs()),
            fmt::format("{:+.2f} to {:+.2f}", low, high),
            fmt::format("{:.2f}", robustDeviation(s.levelDb)),
            share(s.ghostsFound, s.ghosts),
            share(s.gracePairsFound, s.gracePairs),
            s.graceSpacingMs.empty() ? "-" : fmt::format("{:.2f}", robustDeviation(s.graceSpacingMs)),
            s.partners > 0 ? fmt::format("{:.1f}", 1000.0 * s.wrongPartners / s.partners) : "-",
            farthest(s.swingErrors)};
}

Table simulatedTable() {
    Table table{"Accuracy on simulated takes, kits not used in tuning", kColumns, {}};
    Score all;
    constexpr std::size_t kOfEachKind = 8;  // the library begins with one of each kind
    for (const Exercise& exercise : std::span(builtInExercises()).first(kOfEachKind)) {
        Score score;
        for (const std::uint64_t seed : unseenSeeds())
            for (const Room room : {Room::Dry, Room::Reverberant, Room::Noisy}) {
                Character character;
                character.missChance = character.extraChance = 0.005;
                score += scoreTake(simulateLabelled(exercise, exercise.tempo.goal * 0.8, 8, character, seed, room));
            }
        table.rows.push_back(rowOf(exercise.id, score));
        all += score;
    }
    table.rows.push_back(rowOf("all", all));
    Score scattered;
    for (const std::uint64_t seed : unseenSeeds()) {
        Character character;
        character.spreadMs = 12;
        character.missChance = character.extraChance = 0.01;
        scattered +=
            scoreTake(simulateLabelled(*builtInExercise("singles-sixteenths"), 120, 32, character, seed, Room::Dry));
    }
    table.rows.push_back(rowOf("singles at 120, spread 12 ms", scattered));
    for (const char* id : {"paradiddle-accents", "flam-taps", "ghosted-backbeat", "swung-ride"}) {
        const Exercise exercise = *builtInExercise(id);
        Score hard;
        for (const std::uint64_t seed : unseenSeeds())
            for (const Room room : {Room::Dry, Room::Reverberant, Room::Noisy})
                hard += scoreTake(simulateLabelled(exercise, exercise.tempo.goal * 0.8, 8, {}, seed, room, Kits::Hard));
        table.rows.push_back(rowOf(exercise.id + ", hard kits", hard));
    }
    return table;
}

int labelledSet(const std::filesystem::path& root, std::vector<Table>& tables) {
    std::vector<std::filesystem::path> folders;
    std::error_code error;
    for (const auto& entry : std::filesystem::directory_iterator(root, error))
        if (std::filesystem::exists(entry.path() / "truth.json")) folders.push_back(entry.path());
    std::sort(folders.begin(), folders.end());
    if (folders.empty()) {
        fmt::print(stderr,
                   "upbeat-bench: {}: no take with a truth.json is found there; name the folder of a labelled set.\n",
                   root.string());
        return 3;
    }
    Table takes{"Takes of " + root.filename().string(), kColumns, {}};
    Table groups{"Conditions of " + root.filename().string(), kColumns, {}};
    std::map<std::string, Score> byCondition;
    for (const auto& folder : folders) {
        const auto take = readLabelled(folder);
        if (!take) {
            fmt::print(stderr, "upbeat-bench: {}\n", take.error().sentence());
            return 3;
        }
        const Score score = scoreTake(*take);
        takes.rows.push_back(rowOf(take->name, score));
        byCondition["condition " + take->condition] += score;
        byCondition["family " + take->family] += score;
        byCondition["all"] += score;
    }
    for (const auto& [name, score] : byCondition) groups.rows.push_back(rowOf(name, score));
    tables.push_back(std::move(takes));
    tables.push_back(std::move(groups));
    tables.push_back(startTable(root));
    return 0;
}

struct Wish {
    std::string set;
    std::string json;
    std::string only;
};

std::optional<Wish> wishFrom(int argc, char** argv) {
    Wish wish;
    const std::map<std::string_view, std::string*> options{
        {"--set", &wish.set}, {"--json", &wish.json}, {"--only", &wish.only}};
    for (int i = 1; i < argc; i += 2) {
        const auto option = options.find(argv[i]);
        if (option == options.end() || i + 1 == argc) {
            fmt::print(stderr, "upbeat-bench: {}: write --only NAME, --set DIR or --json FILE, or nothing for all.\n",
                       argv[i]);
            return std::nullopt;
        }
        *option->second = argv[i + 1];
    }
    return wish;
}

/// The tables of that name, or all of them.
std::vector<Table> tablesOf(const std::string& only) {
    const std::vector<std::pair<std::string, std::function<Table()>>> all{
        {"opening", [] { return openingTable(); }},
        {"window", [] { return windowTable(); }},
        {"logbook", [] { return logbookTable(); }},
        {"season-open", [] { return seasonOpenTable(); }},
        {"speed", [] { return speedTable(); }},
        {"bleed", [] { return bleedTable(); }},
        {"round-trip", [] { return roundTripTable(); }},
        {"loop", [] { return loopTable(); }},
        {"long", [] { return longRecordingTable(); }},
        {"voices", [] { return voicesTable(); }},
        {"unisons", [] { return unisonTable(unseenSeeds()); }},
        {"room", [] { return roomTable(unseenSeeds()); }},
        {"gain", [] { return gainTable(unseenSeeds()); }},
        {"pieces", piecesTable},
        {"start", [] { return startTable(); }},
        {"coverage", [] { return coverageTable(1000); }},
        {"findings", [] { return faultTable(200, 200); }},
        {"decisions", [] { return decisionTable(200); }},
        {"climb", [] { return climbTable(200); }},
        {"bends", [] { return bendTable(200); }},
        {"ceiling", [] { return ceilingTable(500); }},
        {"forecast", [] { return forecastTable(500); }},
        {"plan", [] { return planTable(100); }},
        {"plan-speed", planSpeedTable},
        {"taps", [&only] { return tapTable(only == "taps" ? 2000 : 200); }},
        {"simulated", [] { return simulatedTable(); }}};
    std::vector<Table> tables;
    std::vector<std::string> names;
    for (const auto& [name, make] : all) {
        names.push_back(name);
        if (only.empty() || only == name) tables.push_back(make());
    }
    if (tables.empty())
        fmt::print(stderr, "upbeat-bench: {}: there is no such table, but {}.\n", only, fmt::join(names, ", "));
    return tables;
}

int run(int argc, char** argv) {
    if (argc == 3 && std::string_view(argv[1]) == "--opened") {
        const QApplication application(argc, argv);
        return openAndRest(QString::fromLocal8Bit(argv[2]));
    }
    const auto wish = wishFrom(argc, argv);
    if (!wish) return 2;
    std::vector<Table> tables;
    if (!wish->set.empty()) {
        if (const int status = labelledSet(wish->set, tables); status != 0) return status;
    } else {
        if (std::getenv("DISPLAY") == nullptr) qputenv("QT_QPA_PLATFORM", "offscreen");
        QApplication::setStyle("Fusion");
        const QApplication application(argc, argv);
        tables = tablesOf(wish->only);
        if (tables.empty()) return 2;
    }
    for (const Table& table : tables) fmt::print("{}", toText(table));
    if (wish->json.empty()) return 0;
    if (const auto written = writeFileAtomically(wish->json, toJson(tables)); !written) {
        fmt::print(stderr, "upbeat-bench: {}\n", written.error().sentence());
        return 3;
    }
    return 0;
}

}  // namespace

}  // namespace upbeat::bench

int main(int argc, char** argv) {
    return upbeat::bench::run(argc, argv);
}
