#pragma once

#include <QString>

#include "studio/letters.h"

namespace upbeat {

/// The report of a take on paper: the field as in the window, what was found, what the rung asked, the next step. Sound
/// and remarks are the web page's. Gives false where the file cannot be written.
[[nodiscard]] bool writePdfReport(const TakeView& take, const ReportWish& wish, const QString& file);

}  // namespace upbeat
