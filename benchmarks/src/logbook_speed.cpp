#include "logbook_speed.h"

#include <fmt/format.h>

#include <QApplication>
#include <QDir>
#include <QTemporaryDir>
#include <chrono>
#include <functional>

#include "bench_window.h"
#include "upbeat/logbook/ladder_repository.h"
#include "upbeat/logbook/take_repository.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"

namespace upbeat::bench {

namespace {

using Clock = std::chrono::steady_clock;

/// A logbook of so many takes of all built-in exercises, one every quarter of an hour; each has something found in
/// it, every tenth the left hand early, and of these every other is tagged.
std::unique_ptr<Logbook> logbookOf(int takes, const QTemporaryDir& dir) {
    QDir(dir.path()).mkdir(QString::number(takes));
    auto logbook = Logbook::open(dir.filePath(QStringLiteral("%1/logbook.db").arg(takes)).toStdString());
    if (!logbook) return nullptr;
    TakeRepository repository(**logbook);
    const QDateTime start(QDate(2024, 1, 1), QTime(8, 0));
    TakeRecord take;
    TakeAnalysis analysis;
    analysis.gates = {{GateKind::Spread, {8, 7, 9, 40}, 10, false, GateState::Met, std::nullopt, std::nullopt}};
    analysis.measures.timing.spreadMs = Figure{8, 7, 9, 40};
    analysis.verdict.reason = TakesWereClean{};
    Finding found;
    std::vector<qint64> tagged;
    for (int i = 0; i < takes; ++i) {
        found.kind = i % 10 == 0 ? FindingKind::Early : FindingKind::Late;
        found.limb = i % 10 == 0 ? Limb::LeftHand : Limb::RightHand;
        found.level = Level::Ghost;
        analysis.findings = {found};
        take.exercise = builtInExercises()[static_cast<std::size_t>(i) % builtInExercises().size()];
        take.frame = {take.exercise.tempo.start, 1.0, 8, 0, false, {}};
        take.startedAt = stampOf(start.addSecs(900LL * i));
        take.durationS = 30;
        const auto id = repository.add(take, analysis);
        if (!id) return nullptr;
        if (i % 20 == 0) tagged.push_back(*id);
    }
    if (!repository.setTags(tagged, std::vector<std::vector<std::string>>(tagged.size(), {"gig"}))) return nullptr;
    return *std::move(logbook);
}

double millisecondsOf(const std::function<void()>& ask) {
    constexpr int kTimes = 9;
    std::vector<double> times;
    for (int i = 0; i < kTimes; ++i) {
        const auto start = Clock::now();
        ask();
        times.push_back(1e3 * std::chrono::duration<double>(Clock::now() - start).count());
    }
    return median(times);
}

/// How long the log takes to come to the front in a window that has just been opened, ms.
std::string openingOf(const QString& folder) {
    const auto shown = openWindow(folder);
    if (!shown) return "-";
    QCoreApplication::processEvents();
    const auto start = Clock::now();
    shown->window->go(MainWindow::Log);
    shown->window->grab();
    return fmt::format("{:.2f}", 1e3 * std::chrono::duration<double>(Clock::now() - start).count());
}

struct Question {
    const char* what;
    std::function<void(const Logbook&)> ask;
    const char* asked = "";  ///< Of 20,000 takes.
};

}  // namespace

Table logbookTable() {
    const QTemporaryDir dir;
    const auto small = logbookOf(200, dir);
    const auto large = logbookOf(20'000, dir);
    Table table{"The logbook, ms", {"what", "200 takes", "20,000 takes", "asked"}, {}};
    if (!small || !large) return table;
    const std::string id = builtInExercises().front().id;
    const std::vector<Question> questions{
        {"first page of the log", [](const Logbook& l) { (void)TakeRepository(l).page({}, 100); }, "<= 500"},
        {"found by a word and a tempo",
         [](const Logbook& l) { (void)TakeRepository(l).page({}, 200, searchFromText("flam 60-120")); }, "<= 100"},
        {"found by a finding and a tag",
         [](const Logbook& l) { (void)TakeRepository(l).page({}, 200, searchFromText("left ghost early #gig")); },
         "<= 100"},
        {"days of what is found", [](const Logbook& l) { (void)TakeRepository(l).days(searchFromText("flam clean")); }},
        {"days", [](const Logbook& l) { (void)TakeRepository(l).days(); }},
        {"total since ever", [](const Logbook& l) { (void)TakeRepository(l).total(); }},
        {"fastest clean takes", [](const Logbook& l) { (void)TakeRepository(l).cleanTempos(); }},
        {"history for a verdict", [&id](const Logbook& l) { (void)LadderRepository(l).history(id); }},
        {"takes of an exercise", [&id](const Logbook& l) { (void)TakeRepository(l).list(id); }},
        {"spread over all takes of an exercise",
         [&id](const Logbook& l) { (void)TakeRepository(l).figuresOf(id, "spread_ms"); }}};
    for (const auto& [what, ask, asked] : questions)
        table.rows.push_back({what, fmt::format("{:.2f}", millisecondsOf([&] { ask(*small); })),
                              fmt::format("{:.2f}", millisecondsOf([&] { ask(*large); })), asked});
    const auto folderOf = [&dir](int takes) { return dir.filePath(QString::number(takes)); };
    table.rows.push_back(
        {"the log in a window that was just opened", openingOf(folderOf(200)), openingOf(folderOf(20'000)), "<= 500"});
    table.rows.push_back(
        {"this process at most, window and both logbooks, MB", "", fmt::format("{:.0f}", peakMemoryMb()), "<= 200"});
    return table;
}

}  // namespace upbeat::bench
