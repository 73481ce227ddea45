#pragma once

#include <QString>

namespace upbeat {

class MainWindow;
class Studio;

/// Saves one picture of each place in light, and of Look in dark, as PNG into the folder; Play is caught while a take
/// runs. False when a picture cannot be written.
[[nodiscard]] bool saveScreenshots(MainWindow& window, Studio& studio, const QString& folder);

}  // namespace upbeat
