#pragma once

namespace upbeat {

/// assets/report.css and assets/report.js.
extern const char* const kReportStyle;
extern const char* const kReportScript;

}  // namespace upbeat
