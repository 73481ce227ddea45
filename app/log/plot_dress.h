#pragma once

#include "log/qcustomplot_header.h"
#include "theme/theme.h"

namespace upbeat {

// Plots in the dress of the window: its colours and type, few lines, days along the bottom.

/// Where a day and a moment stand along the bottom.
[[nodiscard]] double noonOf(const QDate& day);
[[nodiscard]] double secondsOf(const QDateTime& time);

void dressPlot(QCustomPlot& plot, const Theme& theme);
[[nodiscard]] QCPGraph* addLine(QCustomPlot& plot, const QColor& ink, double width, Qt::PenStyle style = Qt::SolidLine);
/// Points without a line: a disc where `inside` is the ink, else a ring.
[[nodiscard]] QCPGraph* addDots(QCustomPlot& plot, const QColor& ink, const QColor& inside);
/// A dashed line from side to side.
void addLevel(QCustomPlot& plot, double value, const QColor& ink);
/// The name of a line on it, on `ground`: the first near its right end, every further one a little before.
void nameLine(QCPGraph& line, const QString& name, int row, const QColor& ground);
/// Room above and below what is shown.
void padRange(QCPAxis& axis);

}  // namespace upbeat
