#pragma once

#include <memory>
#include <optional>

#include "shell/main_window.h"

namespace upbeat::bench {

/// The most memory this process ever held, MB, as the kernel counts it.
[[nodiscard]] double peakMemoryMb();
/// What it holds now.
[[nodiscard]] double memoryMb();

/// The program's window over a folder of data, as it is shipped.
struct BenchWindow {
    std::unique_ptr<Studio> studio;
    std::unique_ptr<MainWindow> window;
};

/// Open and shown at 1280x800; nothing where the folder cannot be opened.
[[nodiscard]] std::optional<BenchWindow> openWindow(const QString& folder);

}  // namespace upbeat::bench
