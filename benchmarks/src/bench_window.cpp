#include "bench_window.h"

#include <fstream>
#include <string>

#include "theme/theme.h"

namespace upbeat::bench {

double peakMemoryMb() {
    std::ifstream status("/proc/self/status");
    for (std::string line; std::getline(status, line);)
        if (line.starts_with("VmHWM:")) return std::stod(line.substr(6)) / 1024;
    return 0;
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
