#pragma once

#include <QPainter>
#include <optional>

#include "theme/theme.h"
#include "upbeat/measure/statistics.h"
#include "upbeat/music/stroke.h"

namespace upbeat {

/// What stands side by side in Look: a name, its leaning stroke with the interval, the offset and a word below it.
struct CompareRow {
    static constexpr int kHeight = 52;
    static constexpr int kHeadingHeight = 30;

    QString name;
    std::optional<Figure> offsetMs;
    double levelDb = 0;  ///< Of the stroke that is drawn, against the loudest.
    Limb limb = Limb::RightHand;
    QString below;
};

void paintCompareRow(QPainter& painter, const Theme& theme, const CompareRow& row, double top, double width);
void paintCompareHeading(QPainter& painter, const Theme& theme, const QString& text, double top, double width);

}  // namespace upbeat
