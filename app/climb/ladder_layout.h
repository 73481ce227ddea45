#pragma once

#include <QDate>
#include <QPointF>
#include <QRectF>
#include <vector>

#include "upbeat/ladder/ladder.h"
#include "upbeat/logbook/take_repository.h"

namespace upbeat {

/// Where the ladder's rungs and the takes standing on them lie. Pure.
struct LadderLayout {
    struct RungLine {
        double tempoBpm;
        double y;
        bool current;
    };
    struct TakeMark {
        QPointF foot;
        bool clean;
        qint64 id;
    };
    struct DayMark {
        QDate day;
        double x;
    };
    std::vector<RungLine> rungs;
    std::vector<TakeMark> takes;
    std::vector<DayMark> days;
    double rungHeight = 0;
};

/// `takes` oldest first. Takes follow one another at even steps; where a new day starts a mark is set.
[[nodiscard]] LadderLayout layoutLadder(const Ladder& ladder, double tempoBpm, const std::vector<TakeSummary>& takes,
                                        const QRectF& area);

}  // namespace upbeat
