#include "season_speed.h"

#include <fmt/format.h>

#include <QApplication>
#include <QTemporaryDir>
#include <algorithm>
#include <chrono>

#include "bench_window.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"
#include "upbeat/units/random.h"

namespace upbeat::bench {

namespace {

using Clock = std::chrono::steady_clock;
constexpr int kDays = 60;
constexpr int kExercises = 6;
constexpr int kTakesADay = 12;

Gate gateOf(GateKind kind, double value, double limit) {
    return {kind,
            {value, 0.9 * value, 1.1 * value, 40},
            limit,
            false,
            value <= limit ? GateState::Met : GateState::Missed,
            std::nullopt,
            std::nullopt};
}

/// Every exercise in turn, a rung up every week; what is faster is more often missed.
bool fill(const std::string& file) {
    const auto logbook = Logbook::open(file);
    if (!logbook) return false;
    TakeRepository takes(**logbook);
    LadderRepository ladders(**logbook);
    Random random(60);
    const QDateTime start = QDateTime::currentDateTime().addDays(-kDays);
    for (int day = 0; day < kDays; ++day)
        for (int k = 0; k < kTakesADay; ++k) {
            TakeRecord take;
            take.exercise = builtInExercises()[static_cast<std::size_t>(k % kExercises)];
            const double tempo = take.exercise.tempo.start + take.exercise.tempo.step * (day / 7 + k % 3);
            take.frame = {tempo, 1.0, 8, 0, false, {}};
            take.startedAt = stampOf(start.addDays(day).addSecs(120LL * k));
            take.durationS = 30;
            TakeAnalysis analysis;
            const double spread = 5 + 2 * (k % 3) + random.normal();
            analysis.gates = {gateOf(GateKind::Spread, spread, 9), gateOf(GateKind::Placement, 4, 12)};
            analysis.measures.timing.spreadMs = Figure{spread, spread - 1, spread + 1, 40};
            analysis.measures.timing.placementMs = Figure{4, 3, 5, 40};
            analysis.verdict.reason = TakesWereClean{};
            analysis.verdict.tempoBpm = tempo;
            if (!takes.add(take, analysis)) return false;
            if (!ladders.save(take.exercise.id, {ladderOf(take.exercise), tempo})) return false;
        }
    return true;
}

/// Median time of a place to come to the front and be painted.
double openingMs(MainWindow& window, MainWindow::PlaceIndex place, Studio& studio) {
    std::vector<double> times;
    for (int k = 0; k < 7; ++k) {
        window.go(place == MainWindow::Play ? MainWindow::Look : MainWindow::Play);
        studio.log().tellChanged();  // as behind a take
        QCoreApplication::processEvents();
        const auto start = Clock::now();
        window.go(place);
        window.grab();
        QCoreApplication::processEvents();
        times.push_back(1e3 * std::chrono::duration<double>(Clock::now() - start).count());
    }
    return median(times);
}

}  // namespace

Table seasonOpenTable() {
    const QTemporaryDir dir;
    Table table{"A season of 60 days, 720 takes: until a place is painted, ms", {"place", "median of 7", "asked"}, {}};
    if (!fill(dir.filePath(QStringLiteral("logbook.db")).toStdString())) return table;
    const auto shown = openWindow(dir.path());
    if (!shown) return table;
    shown->studio->stand().choose(builtInExercises().front().id);
    const std::vector<std::pair<const char*, MainWindow::PlaceIndex>> places{
        {"Prepare, with the plan made anew", MainWindow::Prepare},
        {"Climb, with curve and forecast", MainWindow::Climb},
        {"Log", MainWindow::Log}};
    for (const auto& [name, place] : places)
        table.rows.push_back({name, fmt::format("{:.0f}", openingMs(*shown->window, place, *shown->studio)), "<= 300"});
    return table;
}

}  // namespace upbeat::bench
