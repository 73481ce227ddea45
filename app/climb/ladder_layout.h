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
    /// Where a tempo stands between the lowest rung and the highest.
    [[nodiscard]] double yOf(double tempoBpm) const;
    [[nodiscard]] bool shows(double tempoBpm) const;

    std::vector<RungLine> rungs;
    std::vector<TakeMark> takes;
    std::vector<DayMark> days;
    double rungHeight = 0;
    double lowestBpm = 0;
    double highestBpm = 0;
    double top = 0;     ///< Of the highest rung,
    double bottom = 0;  ///< and of the lowest.
};

/// `takes` oldest first. Takes follow one another at even steps; where a new day starts a mark is set.
[[nodiscard]] LadderLayout layoutLadder(const Ladder& ladder, double tempoBpm, const std::vector<TakeSummary>& takes,
                                        const QRectF& area);

}  // namespace upbeat
