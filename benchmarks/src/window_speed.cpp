#include "window_speed.h"

#include <fmt/format.h>

#include <QApplication>
#include <QEventLoop>
#include <QImage>
#include <QKeyEvent>
#include <QTemporaryDir>
#include <algorithm>
#include <chrono>

#include "bench_window.h"
#include "prepare/prepare_place.h"
#include "simulated_sets.h"
#include "strokes/field_view.h"
#include "theme/theme.h"
#include "upbeat/align/take_within.h"
#include "upbeat/formats/pattern.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/library.h"

namespace upbeat::bench {

namespace {

using Clock = std::chrono::steady_clock;

double secondsSince(Clock::time_point start) {
    return std::chrono::duration<double>(Clock::now() - start).count();
}

/// Median time of a repaint in ms.
double repaintMs(int passes) {
    const Exercise e = *builtInExercise("paradiddle-accents");
    const LabelledTake take = simulateLabelled(e, 120, passes, {}, 5, Room::Dry);
    FieldView view;
    view.resize(800, 570);
    view.setData(fieldOf(take.analysis));
    QImage image(view.size(), QImage::Format_ARGB32_Premultiplied);
    std::vector<double> times;
    for (std::size_t i = 0; i < 60; ++i) {
        view.choose(i * 5, 3);
        const auto start = Clock::now();
        view.render(&image);
        times.push_back(1e3 * secondsSince(start));
    }
    return median(times);
}

/// Longest time in ms from a key to the next section of the song on the screen, in a take of so many strokes.
double sectionTurnMs(const Exercise& song, std::size_t strokes) {
    const auto passes = static_cast<int>((strokes + song.strokes.size() - 1) / song.strokes.size());
    const LabelledTake take = simulateLabelled(song, 120, passes, {}, 5, Room::Dry);
    FieldView view;
    view.resize(800, 570);
    QImage image(view.size(), QImage::Format_ARGB32_Premultiplied);
    double longest = 0;
    for (const SectionSpan& span : sectionsOf(song)) {
        const auto start = Clock::now();
        TakeAnalysis part;
        part.matched = takeWithin(take.analysis.matched, span.from, span.to);
        part.measures = measure(part.matched);
        view.setData(fieldOf(part));
        view.render(&image);
        longest = std::max(longest, 1e3 * secondsSince(start));
    }
    return longest;
}

/// Median and longest time in ms from a key to the painted page: bars for four voices, a sixteenth each; at the last
/// bar.
std::pair<double, double> keyToPaintMs(int bars) {
    Exercise e;
    e.title = "Sixteen bars";
    e.bars = bars;
    const Beats sixteenth(1, 4);
    for (Beats at(0); at < e.length(); at = at + sixteenth) {
        e.strokes.push_back({at, Voice::HiHatClosed, Limb::RightHand});
        e.strokes.push_back({at, Voice::Snare, Limb::LeftHand, Level::Ghost});
        e.strokes.push_back({at, Voice::Kick, Limb::RightFoot});
        e.strokes.push_back({at, Voice::HiHatFoot, Limb::LeftFoot});
    }
    const QTemporaryDir dir;
    StudioOptions options;
    options.dataFolder = dir.path().toStdString();
    options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
    auto studio = Studio::open(options);
    if (!studio) return {};
    MainWindow window(**studio);
    window.show();
    (*studio)->manuscript().start(e);
    auto* prepare = window.findChild<PreparePlace*>();
    prepare->startWriting();
    auto* line = prepare->findChild<CountLineEditor*>();
    QCoreApplication::processEvents();
    std::vector<double> times;
    for (int i = 0; i < 120; ++i) {
        QKeyEvent key(QEvent::KeyPress, i % 2 == 0 ? Qt::Key_Plus : Qt::Key_Minus, Qt::NoModifier);
        const auto start = Clock::now();
        QCoreApplication::sendEvent(line, &key);
        QCoreApplication::processEvents();
        times.push_back(1e3 * secondsSince(start));
    }
    (*studio)->manuscript().close();
    return {median(times), *std::max_element(times.begin(), times.end())};
}

struct TenMinutes {
    double verdictS = 0;
    double memoryMb = 0;
    std::size_t strokes = 0;
};

/// A ten-minute take by the simulated player, twenty times as fast as life, through the real window.
TenMinutes playTenMinutes() {
    const QTemporaryDir dir;
    StudioOptions options;
    options.dataFolder = dir.path().toStdString();
    options.settingsFile = dir.filePath(QStringLiteral("settings.ini"));
    options.simulatedSpeed = 20;
    options.simulatedCounts = true;
    auto studio = Studio::open(options);
    if (!studio) return {};
    (*studio)->stand().choose("paradiddle-accents");
    (*studio)->stand().setTempo(120);
    PracticeSettings settings = (*studio)->setup().settings();
    settings.barsPerTake = 300;
    (*studio)->setup().change(settings);
    MainWindow window(**studio);
    window.show();
    Clock::time_point stopped;
    QObject::connect(&(*studio)->recorder(), &Recorder::stopped, &window, [&stopped] { stopped = Clock::now(); });
    TenMinutes result;
    QObject::connect(&(*studio)->review(), &Review::opened, &window, [&] { result.verdictS = secondsSince(stopped); });
    (*studio)->recorder().start();
    while (!(*studio)->review().take()) QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    QCoreApplication::processEvents();
    result.memoryMb = peakMemoryMb();
    result.strokes = (*studio)->review().take()->analysis.matched.strokes.size();
    return result;
}

}  // namespace

Table windowTable() {
    (void)loadFonts();
    MainWindow::applyTheme(Theme::light());
    const TenMinutes ten = playTenMinutes();
    Table table{"The window", {"what", "figure", "asked"}, {}};
    table.rows.push_back(
        {"a 10 min take: most memory of the whole program, MB", fmt::format("{:.0f}", ten.memoryMb), "<= 150"});
    table.rows.push_back({"strokes measured in it", fmt::format("{}", ten.strokes), ""});
    table.rows.push_back(
        {"from the last sample to the verdict on the screen, s", fmt::format("{:.2f}", ten.verdictS), "<= 0.3"});
    for (const auto& [strokes, passes] : {std::pair("5,000", 313), std::pair("20,000", 1250)})
        table.rows.push_back({fmt::format("repaint of the field with {} strokes, ms", strokes),
                              fmt::format("{:.2f}", repaintMs(passes)), "<= 8"});
    if (const auto song = readPattern(std::filesystem::path(UPBEAT_SOURCE_DIR) / "demodata/pieces/harbour-lights.txt"))
        table.rows.push_back({"from a key to another section of the song on the screen, 20,000 strokes, longest, ms",
                              fmt::format("{:.1f}", sectionTurnMs(*song, 20000)), ""});
    for (const int bars : {16, 200}) {
        const auto [typical, longest] = keyToPaintMs(bars);
        table.rows.push_back({fmt::format("from a key to the painted page, {} bars for 4 voices, ms", bars),
                              fmt::format("{:.1f} (longest {:.1f})", typical, longest), "<= 16"});
    }
    return table;
}

}  // namespace upbeat::bench
