#include "opening.h"

#include <fmt/format.h>

#include <QApplication>
#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <QTimer>
#include <algorithm>

#include "bench_window.h"
#include "upbeat/measure/statistics.h"

namespace upbeat::bench {

namespace {

constexpr int kRuns = 6;

struct Opened {
    double seconds = 0;
    double restingMb = 0;
};

std::optional<Opened> openOnce(const QString& folder) {
    QProcess process;
    QElapsedTimer since;
    since.start();
    process.start(QCoreApplication::applicationFilePath(), {QStringLiteral("--opened"), folder});
    if (!process.waitForReadyRead()) return std::nullopt;
    Opened opened{1e-9 * static_cast<double>(since.nsecsElapsed()), 0};
    if (!process.waitForFinished() || process.exitCode() != 0) return std::nullopt;
    const QStringList words = QString::fromUtf8(process.readAll()).split(QLatin1Char('\n'));
    opened.restingMb = words.size() > 1 ? words[1].toDouble() : 0;
    return opened;
}

}  // namespace

int openAndRest(const QString& folder) {
    constexpr int kRestMs = 1500;
    const auto opened = openWindow(folder);
    if (!opened) return 1;
    QApplication::processEvents();  // what is shown is painted, keys are taken from now on
    fmt::print("open\n");
    std::fflush(stdout);
    QTimer::singleShot(kRestMs, qApp, [] {
        fmt::print("{:.1f}\n", memoryMb());
        QApplication::quit();
    });
    return QApplication::exec();
}

Table openingTable() {
    Table table{
        "From the start of the program to a window that takes keys, offscreen", {"what", "measured", "asked"}, {}};
    const QTemporaryDir folder;
    std::vector<double> seconds;
    std::vector<double> restingMb;
    for (int i = 0; i < kRuns; ++i) {
        const auto opened = openOnce(folder.path());
        if (!opened) continue;
        seconds.push_back(opened->seconds);
        restingMb.push_back(opened->restingMb);
    }
    if (seconds.size() < 2) {
        table.rows.push_back({"the window did not open", "-", ""});
        return table;
    }
    const double first = seconds.front();
    seconds.erase(seconds.begin());
    table.rows.push_back({"the first start, an empty folder", fmt::format("{:.2f} s", first), "<= 0.7 s"});
    table.rows.push_back({"later ones, median", fmt::format("{:.2f} s", median(seconds)), "<= 0.7 s"});
    table.rows.push_back({"memory when nothing happens",
                          fmt::format("{:.0f} MB", *std::max_element(restingMb.begin(), restingMb.end())),
                          "<= 120 MB"});
    return table;
}

}  // namespace upbeat::bench
