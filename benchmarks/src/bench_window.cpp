#include "bench_window.h"

#include <fstream>
#include <string>

#include "theme/theme.h"

namespace upbeat::bench {

namespace {

/// A line of what the kernel counts of this process, in MB.
double statusMb(std::string_view name) {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with(name)) return std::stod(line.substr(name.size())) / 1024;
    return 0;
}

}  // namespace

double peakMemoryMb() {
    return statusMb("VmHWM:");
}

double memoryMb() {
    return statusMb("VmRSS:");
}

std::optional<BenchWindow> openWindow(const QString& folder) {
    (void)loadFonts();
    MainWindow::applyTheme(Theme::light());
    StudioOptions options;
    options.dataFolder = folder.toStdString();
    options.settingsFile = folder + QStringLiteral("/settings.ini");
    auto studio = Studio::open(options);
    if (!studio) return std::nullopt;
    auto window = std::make_unique<MainWindow>(**studio);
    window->resize(1280, 800);
    window->show();
    return BenchWindow{*std::move(studio), std::move(window)};
}

}  // namespace upbeat::bench
